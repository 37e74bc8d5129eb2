import type { TextLook } from '../model';
import { breakLines, cutLines, type Line } from './lines';
import { textWidth, type FontMetrics } from './metrics';
import { breakRuns, cutRuns, widestOf, type LaidRun, type Run } from './runs';

/** A text laid into a box. Everything in design pixels. */
export interface Block<R extends Run = Run> {
  /** Of the letters: the look's, or what fitted. */
  size: number;
  lines: BlockLine<R>[];
  height: number;
  /** How far it reaches beyond its box, and how much of it is cut; 0 when it fits. */
  over: { across: number; down: number };
}
export interface BlockLine<R extends Run = Run> extends Line {
  /** From the top of the block. */
  top: number;
  /** To the top of the next line. */
  high: number;
  /** Of its largest letters. */
  size: number;
  /** Where it is of several letterings. */
  runs?: LaidRun<R>[];
}

type Look = Pick<TextLook, 'size' | 'line' | 'letters' | 'wrap' | 'fit'>;
interface Box {
  width: number;
  height: number;
}

/**
 * Lays a text into a box by its look: wrapped or cut off, at its own size or the largest that fits.
 * @param box the box’s size in design pixels
 */
export const layText = (text: string, look: Look, font: FontMetrics, box: Box): Block =>
  fitted(look, (size) => laidAt(text, look, font, box, size));

/** The same of a text of several letterings; a line is as high as its largest letters need. */
export const layRuns = <R extends Run>(runs: readonly R[], look: Look, box: Box): Block<R> =>
  fitted(look, (size) => runsAt(runs, look, box, size));

function fitted<R extends Run>({ size, fit }: Look, at: (size: number) => Block<R>): Block<R> {
  if (!fit) return at(size);
  const { min, max } = fit;
  const largest = at(max);
  if (fits(largest)) return largest;
  // Whole and half design pixels are sizes; anything between would look no different.
  let [low, high] = [Math.ceil(min * 2), Math.floor(max * 2)];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (fits(at(middle / 2))) low = middle;
    else high = middle - 1;
  }
  return at(Math.max(min, low / 2));
}

/** Less than half a pixel is no overflow: measuring and drawing differ by that much. */
const HAIR = 0.5;

export const fits = ({ over }: Pick<Block, 'over'>): boolean => over.across <= HAIR && over.down <= HAIR;

function laidAt(text: string, look: Look, font: FontMetrics, box: Box, size: number): Block {
  const { letters = 0, wrap = 'wrap' } = look;
  const cut = wrap === 'cut';
  const lines = (cut ? cutLines : breakLines)(text, font, size, box.width, letters);
  // What cannot be broken is measured whole: the line that is cut, or the longest word.
  const whole = text.split(cut ? '\n' : /[ \n]/);
  const widest = whole.reduce((max, value) => Math.max(max, textWidth(value, font, size, letters)), 0);
  return blockOf(
    lines.map((line) => ({ ...line, size })),
    look,
    box,
    { size, widest },
  );
}

function runsAt<R extends Run>(runs: readonly R[], look: Look, box: Box, size: number): Block<R> {
  const { letters = 0, wrap = 'wrap' } = look;
  const cut = wrap === 'cut';
  const rule = { size, letters };
  const lines = (cut ? cutRuns : breakRuns)(runs, rule, box.width).map((line) => ({
    ...line,
    size: line.runs.reduce((max, { run }) => Math.max(max, run.times), line.runs.length === 0 ? 1 : 0) * size,
  }));
  return blockOf(lines, look, box, { size, widest: widestOf(runs, rule, cut) });
}

function blockOf<R extends Run>(
  lines: (Line & { size: number; runs?: LaidRun<R>[] })[],
  { line: times, fit }: Look,
  box: Box,
  { size, widest }: { size: number; widest: number },
): Block<R> {
  let height = 0;
  const stacked = lines.map((line) => {
    const top = height;
    const high = line.size * times;
    height += high;
    return { ...line, top, high };
  });
  // A box lower than one line still holds one line, unless auto size shrinks it.
  const room = Math.max(box.height, lines.length === 1 && !fit ? height : 0);
  return {
    size,
    lines: stacked,
    height,
    over: { across: Math.max(0, widest - box.width), down: Math.max(0, height - room) },
  };
}
