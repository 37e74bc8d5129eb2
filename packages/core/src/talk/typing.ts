import { DURATION_PATTERN, toMicros, type Rates } from '../model';
import type { TalkTimes } from './times';

/** How a line comes letter by letter. A letter is a grapheme cluster (Unicode UAX 29): a flag or an accent is one. */

export interface Typed {
  /** Without its marks. */
  letters: readonly string[];
  /** Microseconds until each letter is there. */
  at: readonly number[];
  /** Until all of it is there, with what is waited for at its end. */
  length: number;
}

/**
 * Marks in a line: from there on it is typed at half or twice the speed, or as usual; or it waits. `[[` is a bracket.
 */
const MARK = /\[\[|\[(slow|fast|usual|wait [^\][]{1,20})\]/g;
const PACES: Record<string, number> = { slow: 2, fast: 0.5, usual: 1 };

/** A line as it is read, without its marks. */
export const withoutMarks = (text: string): string =>
  text.includes('[')
    ? text.replace(MARK, (whole, mark: string | undefined) =>
        mark === undefined ? '[' : isMark(mark) ? '' : whole,
      )
    : text;

const isMark = (mark: string): boolean => mark in PACES || DURATION_PATTERN.test(mark.slice(5));

const segmenter = new Intl.Segmenter(undefined, { granularity: 'grapheme' });
/** ASCII letters never join, so that they need no segmenter. */
const SIMPLE = /^[\x20-\x7e]*$/;

export const lettersOf = (text: string): string[] =>
  SIMPLE.test(text) ? [...text] : Array.from(segmenter.segment(text), ({ segment }) => segment);

/** When each letter of a line is there; `letter` is the time from one to the next, in microseconds. */
export function typeOut(text: string, letter: number, { comma, stop }: TalkTimes, rates: Rates): Typed {
  const letters: string[] = [];
  const at: number[] = [];
  let now = 0;
  let pace = 1;
  const type = (plain: string): void => {
    for (const value of lettersOf(plain)) {
      now += pauseAfter(letters.at(-1), value, comma, stop) + Math.round(letter * pace);
      letters.push(value);
      at.push(now);
    }
  };
  let from = 0;
  for (const match of text.matchAll(MARK)) {
    const mark = match[1];
    if (mark !== undefined && !isMark(mark)) continue;
    type(text.slice(from, match.index) + (mark === undefined ? '[' : ''));
    if (mark !== undefined) {
      if (mark in PACES) pace = PACES[mark]!;
      else now += toMicros(mark.slice(5), rates);
    }
    from = match.index + match[0].length;
  }
  type(text.slice(from));
  return { letters, at, length: now };
}

/** A pause after a comma or the end of a sentence, if more text follows. */
function pauseAfter(before: string | undefined, next: string, comma: number, stop: number): number {
  if (before === undefined || !/\s/.test(next)) return 0;
  if (/[.!?…。！？]/.test(before)) return stop;
  return /[,;:–—、，]/.test(before) ? comma : 0;
}
