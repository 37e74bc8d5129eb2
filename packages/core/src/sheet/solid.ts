import type { Asset } from '../model';
import { CLEAR_BELOW } from './gaps';

/** Into how many cells a picture is divided across and down, to tell where it is clear. */
export const SOLID_CELLS = 64;

/**
 * Where a picture is not clear: a row of hexadecimal digits for each row of cells, each digit four cells. Undefined where it
 * is clear nowhere.
 * @param pixels four bytes each (red, green, blue, alpha) of the picture drawn `SOLID_CELLS` wide and as high
 */
export function solidOf(pixels: ArrayLike<number>): string[] | undefined {
  let clear = false;
  const rows = Array.from({ length: SOLID_CELLS }, (_, y) =>
    Array.from({ length: SOLID_CELLS / 4 }, (_, digit) => {
      let bits = 0;
      for (let i = 0; i < 4; i++) {
        const solid = pixels[(y * SOLID_CELLS + digit * 4 + i) * 4 + 3]! >= CLEAR_BELOW;
        bits = bits * 2 + (solid ? 1 : 0);
        if (!solid) clear = true;
      }
      return bits.toString(16);
    }).join(''),
  );
  return clear ? rows : undefined;
}

/**
 * Whether a picture is drawn at a point of it, in shares of its size; one of which that is not known is all over.
 * @param x,y 0 to 1; beside it nothing is drawn
 */
export function isSolidAt({ solid }: Pick<Asset, 'solid'>, x: number, y: number): boolean {
  if (x < 0 || y < 0 || x > 1 || y > 1) return false;
  if (!solid) return true;
  const cell = (share: number): number => Math.min(SOLID_CELLS - 1, Math.floor(share * SOLID_CELLS));
  const column = cell(x);
  const bits = Number.parseInt(solid[cell(y)]?.[column >> 2] ?? 'f', 16);
  return ((bits >> (3 - (column & 3))) & 1) === 1;
}
