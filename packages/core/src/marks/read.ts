import { codeName } from '../keys';
import { lettersOf } from './letters';
import { END, INSET, isInset, writtenMark, type Inset, type Lasting } from './mark';
import { asWords, tokensOf, type Token } from './tokens';

/** Words that look alike, or something that stands among them like a letter. */
export interface Piece {
  words: string;
  /** The marks it is within, outermost first. */
  within: readonly Lasting[];
  inset: Inset | null;
}

/** A text as it is drawn: its words by what they look like. Marks of pace are left out. */
export function piecesOf(text: string): Piece[] {
  const pieces: Piece[] = [];
  for (const { words, mark, within } of tokensOf(text)) {
    if (mark !== null && !isInset(mark)) continue;
    const last = pieces.at(-1);
    if (mark === null && last?.inset === null && last.within === within) last.words += words;
    else pieces.push({ words, within, inset: mark });
  }
  return pieces;
}

/** A text as it is told: pictures among it by their names, keys by what they are called. */
export const withoutMarks = (text: string): string =>
  text.includes('[')
    ? tokensOf(text)
        .map(({ words, mark }) =>
          mark?.mark === 'picture' ? mark.name : mark?.mark === 'key' ? codeName(mark.code) : words,
        )
        .join('')
    : text;

/** A text without what says how fast it comes: with all that says how it looks. */
export const withoutPace = (text: string): string =>
  text.includes('[')
    ? tokensOf(text)
        .filter(({ mark }) => mark?.mark !== 'pace' && mark?.mark !== 'wait')
        .map((token) => token.text)
        .join('')
    : text;

/** How many letters are read of a text; what stands among them counts as one. */
export const countLetters = (text: string): number =>
  tokensOf(text).reduce((count, { words }) => count + lettersOf(words).length, 0);

/** Whether words of a text move by themselves. */
export const movesWords = (text: string): boolean =>
  text.includes('[') && tokensOf(text).some(({ mark }) => mark?.mark === 'shake' || mark?.mark === 'wave');

/**
 * The part of a text from one of its letters to before another, looking as it does in the whole.
 * @param from counted in letters from 0
 */
export function partOf(text: string, from: number, to: number): string {
  let at = 0;
  const letters = tokensOf(text).flatMap((token): Letter[] => {
    if (token.mark !== null && !isInset(token.mark)) return [];
    const all = token.mark === null ? lettersOf(token.words) : [INSET];
    const start = at;
    at += all.length;
    return all.flatMap((letter, i) =>
      start + i >= from && start + i < to
        ? [{ text: token.mark ? token.text : asWords(letter), within: token.within }]
        : [],
    );
  });
  return writtenOf(letters).text;
}

/** A letter as it is written, and the marks it is within, outermost first. */
export interface Letter {
  text: string;
  within: readonly Lasting[];
}

/** Letters as one text, with the marks opened and ended between them, and where in it each letter ends. */
export function writtenOf(letters: readonly Letter[]): { text: string; ends: number[] } {
  let text = '';
  let open: readonly string[] = [];
  const lead = (wanted: readonly string[]): void => {
    let same = 0;
    while (same < open.length && open[same] === wanted[same]) same++;
    text += END.repeat(open.length - same) + wanted.slice(same).join('');
    open = wanted;
  };
  const ends = letters.map((letter) => {
    lead(letter.within.map(writtenMark));
    text += letter.text;
    return text.length;
  });
  lead([]);
  return { text, ends };
}

/** What marks of a text name, by what sort of thing it is. */
export const namedIn = (text: string): { of: 'style' | 'colour' | 'picture'; name: string }[] =>
  text.includes('[')
    ? tokensOf(text).flatMap(({ mark }) =>
        mark?.mark === 'style' ||
        mark?.mark === 'picture' ||
        (mark?.mark === 'colour' && !mark.name.startsWith('#'))
          ? [{ of: mark.mark, name: mark.name }]
          : [],
      )
    : [];

/** A text in which some marks stand otherwise; `null` leaves one as it is. */
export const withMarks = (
  text: string,
  change: (mark: NonNullable<Token['mark']>) => string | null,
): string =>
  text.includes('[')
    ? tokensOf(text)
        .map((token) => (token.mark && change(token.mark)) ?? token.text)
        .join('')
    : text;
