import { lettersOf, tokensOf, withoutPace } from '../marks';
import { toMicros, type Rates } from '../model';
import type { TalkTimes } from './times';

/** How a line comes letter by letter. */

export interface Typed {
  /** The line without what says how fast it comes, with the marks of how it looks. */
  text: string;
  /** What is read of it; what stands among the words like a letter is one. */
  letters: readonly string[];
  /** Microseconds until each letter is there. */
  at: readonly number[];
  /** Until all of it is there, with what is waited for at its end. */
  length: number;
}

/** When each letter of a line is there; `letter` is the time from one to the next, in microseconds. */
export function typeOut(text: string, letter: number, { comma, stop }: TalkTimes, rates: Rates): Typed {
  const letters: string[] = [];
  const at: number[] = [];
  let now = 0;
  let pace = 1;
  for (const { words, mark } of tokensOf(text)) {
    if (mark?.mark === 'pace') pace = mark.times;
    if (mark?.mark === 'wait') now += toMicros(mark.for, rates);
    for (const value of lettersOf(words)) {
      now += pauseAfter(letters.at(-1), value, comma, stop) + Math.round(letter * pace);
      letters.push(value);
      at.push(now);
    }
  }
  return { text: withoutPace(text), letters, at, length: now };
}

/** A pause after a comma or the end of a sentence, if more text follows. */
function pauseAfter(before: string | undefined, next: string, comma: number, stop: number): number {
  if (before === undefined || !/\s/.test(next)) return 0;
  if (/[.!?…。！？]/.test(before)) return stop;
  return /[,;:–—、，]/.test(before) ? comma : 0;
}
