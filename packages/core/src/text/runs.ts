import { textWidth, type FontMetrics } from './metrics';

/** Letters of one lettering within a text, or what stands among them like a letter. */
export interface Run {
  words: string;
  font: FontMetrics;
  /** How large its letters are beside the text’s own size. */
  times: number;
  /** What stands there in place of the words: how wide it is beside letters of a size. */
  wide?: (size: number) => number;
}

/** A stretch of a run on one line. */
export interface LaidRun<R extends Run = Run> {
  run: R;
  words: string;
  /** From where the line begins. */
  x: number;
  width: number;
}
export interface RunLine<R extends Run = Run> {
  text: string;
  width: number;
  runs: LaidRun<R>[];
}

/** Part of a run, as breaking moves it about. */
interface Part<R extends Run> {
  run: R;
  words: string;
}

/** What measures runs at a size, with `letters` after every letter. */
export interface Rule {
  size: number;
  letters: number;
}

/** Breaks runs into lines no wider than `width`, as `breakLines` does a text of one lettering. */
export function breakRuns<R extends Run>(runs: readonly R[], rule: Rule, width: number): RunLine<R>[] {
  return paragraphsOf(runs).flatMap((paragraph) => {
    const lines: Part<R>[][] = [];
    let line: Part<R>[] = [];
    for (const { space, word } of wordsOf(paragraph)) {
      const longer = isEmpty(line) ? word : [...line, ...space, ...word];
      if (widthOf(longer, rule) <= width) {
        line = longer;
        continue;
      }
      if (!isEmpty(line)) lines.push(line);
      const pieces = cutWord(word, rule, width);
      lines.push(...pieces.slice(0, -1));
      line = pieces.at(-1) ?? [];
    }
    return [...lines, line].map((parts) => laid(parts, rule));
  });
}

/** The lines of runs as they are written, each cut to `width` and ended with an ellipsis where something is missing. */
export function cutRuns<R extends Run>(runs: readonly R[], rule: Rule, width: number): RunLine<R>[] {
  return paragraphsOf(runs).map((paragraph) => {
    if (widthOf(paragraph, rule) <= width) return laid(paragraph, rule);
    const letters = paragraph.flatMap(lettersOfPart);
    const upTo = (count: number): Part<R>[] => {
      const kept = letters.slice(0, count);
      while (kept.at(-1)?.words === ' ') kept.pop();
      const last = kept.at(-1)?.run ?? letters[0]!.run;
      return [...kept, { run: last.wide ? { ...last, wide: undefined } : last, words: '…' }];
    };
    let [min, max] = [0, letters.length];
    while (min < max) {
      const middle = (min + max + 1) >> 1;
      if (widthOf(upTo(middle), rule) <= width) min = middle;
      else max = middle - 1;
    }
    return laid(upTo(min), rule);
  });
}

/** The widest that cannot be broken: a word, or with `cut` a line as it is written. */
export function widestOf<R extends Run>(runs: readonly R[], rule: Rule, cut: boolean): number {
  const whole = paragraphsOf(runs).flatMap((paragraph) =>
    cut ? [paragraph] : wordsOf(paragraph).map(({ word }) => word),
  );
  return whole.reduce((max, parts) => Math.max(max, widthOf(parts, rule)), 0);
}

const isEmpty = (parts: readonly Part<Run>[]): boolean => parts.every(({ words }) => words === '');

function paragraphsOf<R extends Run>(runs: readonly R[]): Part<R>[][] {
  const paragraphs: Part<R>[][] = [[]];
  for (const run of runs)
    run.words.split('\n').forEach((words, i) => {
      if (i > 0) paragraphs.push([]);
      if (words !== '') paragraphs.at(-1)!.push({ run, words });
    });
  return paragraphs;
}

/** The words of a paragraph, each with the space before it. */
function wordsOf<R extends Run>(paragraph: readonly Part<R>[]): { space: Part<R>[]; word: Part<R>[] }[] {
  const words: { space: Part<R>[]; word: Part<R>[] }[] = [{ space: [], word: [] }];
  for (const { run, words: said } of paragraph)
    said.split(' ').forEach((word, i) => {
      if (i > 0) words.push({ space: [{ run, words: ' ' }], word: [] });
      if (word !== '') words.at(-1)!.word.push({ run, words: word });
    });
  return words;
}

const lettersOfPart = <R extends Run>({ run, words }: Part<R>): Part<R>[] =>
  [...words].map((letter) => ({ run, words: letter }));

function cutWord<R extends Run>(word: Part<R>[], rule: Rule, width: number): Part<R>[][] {
  if (widthOf(word, rule) <= width) return [word];
  const pieces: Part<R>[][] = [];
  let piece: Part<R>[] = [];
  for (const letter of word.flatMap(lettersOfPart)) {
    if (piece.length > 0 && widthOf([...piece, letter], rule) > width) {
      pieces.push(piece);
      piece = [];
    }
    piece.push(letter);
  }
  return [...pieces, piece];
}

const widthOf = <R extends Run>(parts: readonly Part<R>[], rule: Rule): number => laid(parts, rule).width;

/** Parts beside one another; neighbours of one run are measured as one, so that their letters are kerned. */
function laid<R extends Run>(parts: readonly Part<R>[], { size, letters }: Rule): RunLine<R> {
  const runs: LaidRun<R>[] = [];
  for (const { run, words } of parts) {
    const last = runs.at(-1);
    if (last?.run === run) last.words += words;
    else if (words !== '') runs.push({ run, words, x: 0, width: 0 });
  }
  let x = 0;
  for (const laidRun of runs) {
    const { run, words } = laidRun;
    laidRun.x = x;
    laidRun.width = run.wide
      ? run.wide(size * run.times)
      : textWidth(words, run.font, size * run.times, letters);
    x += laidRun.width + letters;
  }
  return {
    text: runs.map(({ words }) => words).join(''),
    width: runs.length === 0 ? 0 : x - letters,
    runs,
  };
}
