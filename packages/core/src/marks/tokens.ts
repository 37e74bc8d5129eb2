import { isInset, INSET, lasts, readMark, type Lasting, type Mark } from './mark';

/** A stretch of a text: words, or a mark. */
export interface Token {
  /** As it is written. */
  text: string;
  /** What is read of it; of most marks nothing. */
  words: string;
  mark: Mark | null;
  /** The lasting marks it stands within, outermost first; those of a mark are those around it. */
  within: readonly Lasting[];
}

/** A bracket, or what could be a mark. */
const BRACKETS = /\[\[|\[([^[\]]{1,100})\]/g;

/**
 * What a text is made of, in order. `[[` is a bracket; what stands in brackets and is no mark, and an end where nothing is
 * open, are words. A mark that is never ended lasts to the end of the text.
 */
export function tokensOf(text: string): Token[] {
  if (!text.includes('[')) return text === '' ? [] : [{ text, words: text, mark: null, within: NONE }];
  const tokens: Token[] = [];
  let within: readonly Lasting[] = NONE;
  const add = (written: string, words: string, mark: Mark | null): void => {
    const last = tokens.at(-1);
    if (mark === null && last?.mark === null && last.within === within) {
      last.text += written;
      last.words += words;
    } else tokens.push({ text: written, words, mark, within });
  };
  let from = 0;
  for (const match of text.matchAll(BRACKETS)) {
    const [whole, inside] = match;
    const mark = inside === undefined ? null : readMark(inside);
    if (inside !== undefined && (mark === null || (mark.mark === 'end' && within.length === 0))) continue;
    if (match.index > from) add(text.slice(from, match.index), text.slice(from, match.index), null);
    from = match.index + whole.length;
    if (mark === null) add(whole, '[', null);
    else if (mark.mark === 'end') {
      within = within.slice(0, -1);
      add(whole, '', mark);
    } else {
      add(whole, isInset(mark) ? INSET : '', mark);
      if (lasts(mark)) within = [...within, mark];
    }
  }
  if (from < text.length) add(text.slice(from), text.slice(from), null);
  return tokens;
}
const NONE: readonly Lasting[] = [];

/** Words as they have to stand in a text, so that nothing of them is taken for a mark. */
export const asWords = (words: string): string => (words.includes('[') ? words.replaceAll('[', '[[') : words);
