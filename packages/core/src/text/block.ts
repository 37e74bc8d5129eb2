import type { TextLook } from '../model';
import { breakLines, cutLines, type Line } from './lines';
import { textWidth, type FontMetrics } from './metrics';

/** A text laid into a box. Everything in design pixels. */
export interface Block {
  /** Of the letters: the look's, or what fitted. */
  size: number;
  lines: Line[];
  /** From one baseline to the next. */
  step: number;
  height: number;
  /** How far it reaches beyond its box, and how much of it is cut; 0 when it fits. */
  over: { across: number; down: number };
}

type Look = Pick<TextLook, 'size' | 'line' | 'letters' | 'wrap' | 'fit'>;

/**
 * Lays a text into a box by its look: wrapped or cut off, at its own size or the largest that fits.
 * @param box the box’s size in design pixels
 */
export function layText(
  text: string,
  look: Look,
  font: FontMetrics,
  box: { width: number; height: number },
): Block {
  const at = (size: number): Block => laidAt(text, look, font, box, size);
  if (!look.fit) return at(look.size);
  const { min, max } = look.fit;
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

export const fits = ({ over }: Block): boolean => over.across <= HAIR && over.down <= HAIR;

function laidAt(
  text: string,
  { line, letters = 0, wrap = 'wrap', fit }: Look,
  font: FontMetrics,
  box: { width: number; height: number },
  size: number,
): Block {
  const cut = wrap === 'cut';
  const lines = (cut ? cutLines : breakLines)(text, font, size, box.width, letters);
  const step = size * line;
  const height = step * lines.length;
  // What cannot be broken is measured whole: the line that is cut, or the longest word.
  const whole = text.split(cut ? '\n' : /[ \n]/);
  const widest = whole.reduce((max, value) => Math.max(max, textWidth(value, font, size, letters)), 0);
  // A box lower than one line still holds one line, unless auto size shrinks it.
  const room = Math.max(box.height, lines.length === 1 && !fit ? step : 0);
  return {
    size,
    lines,
    step,
    height,
    over: { across: Math.max(0, widest - box.width), down: Math.max(0, height - room) },
  };
}
