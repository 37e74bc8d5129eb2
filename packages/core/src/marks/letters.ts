/** A letter is a grapheme cluster (Unicode UAX 29): a flag, or a letter with its accent, is one. */

const segmenter = new Intl.Segmenter(undefined, { granularity: 'grapheme' });
/** ASCII letters never join, so that they need no segmenter. */
const SIMPLE = /^[\x20-\x7e]*$/;

export const lettersOf = (text: string): string[] =>
  SIMPLE.test(text) ? [...text] : Array.from(segmenter.segment(text), ({ segment }) => segment);
