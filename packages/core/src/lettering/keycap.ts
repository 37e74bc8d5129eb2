import { codeName, padOf } from '../keys';
import type { TextLook } from '../model';

/** What stands on the caps of pad buttons that are drawn as a bar with words, by their numbers. */
export const PAD_BARS: Record<number, string> = {
  4: 'L',
  5: 'R',
  6: 'L down',
  7: 'R down',
  8: 'select',
  9: 'start',
};

/** What is written on the cap of a key or pad button. */
export function capWords(code: string): string {
  const pad = padOf(code);
  return pad === null ? codeName(code) : (PAD_BARS[pad] ?? codeName(code));
}

/** How wide a cap of a height is, in design pixels: keys by their names, pad buttons by their drawing. */
export function keycapWidth(
  { code, ink }: { code: string; ink: Pick<TextLook, 'size'> },
  height: number,
): number {
  const pad = padOf(code);
  if (pad !== null && (pad < 4 || (pad >= 12 && pad < 16))) return height;
  return Math.max(height, capWords(code).length * ink.size * 0.62 + height * 0.5);
}
