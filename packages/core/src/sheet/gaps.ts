import { MAX_CELLS, type Cell } from '../model';

/**
 * Gives the pixels of some rows of a picture, four bytes each (red, green, blue, alpha), from left to right and from the top
 * down.
 */
export type ReadRows = (from: number, count: number) => ArrayLike<number>;

/** Rows that are read at once, so that a large picture never stands in memory as a whole. */
const STRIP = 128;

/** An alpha of less than this, of 255, is clear to the eye. */
export const CLEAR_BELOW = 8;

/**
 * The frames of a picture that stand apart with clear pixels between: in bands from the top down, in each from left to
 * right, each as large as what is drawn in it. Null when there are more than can be kept; none in a picture that is all clear.
 * @param width,height in pixels
 */
export function cellsByGaps(width: number, height: number, read: ReadRows): Cell[] | null {
  const cells: Cell[] = [];
  for (const band of runs(filledRows(width, height, read))) {
    const { tops, bottoms } = drawnColumns(width, band, read);
    for (const { from, until } of runs(Uint8Array.from(tops, (top, x) => (top < bottoms[x]! ? 1 : 0)))) {
      const top = Math.min(...tops.slice(from, until));
      const height = Math.max(...bottoms.slice(from, until)) - top;
      cells.push({ x: from, y: top, width: until - from, height });
      if (cells.length > MAX_CELLS) return null;
    }
  }
  return cells;
}

interface Run {
  from: number;
  /** The first that is no longer in it. */
  until: number;
}

/** Where something is set without a break. */
function runs(set: Uint8Array): Run[] {
  const found: Run[] = [];
  for (let i = 0; i < set.length; i++) {
    if (!set[i]) continue;
    const from = i;
    while (i < set.length && set[i]) i++;
    found.push({ from, until: i });
  }
  return found;
}

/** Goes through the alpha of some rows; `seen` is told of every pixel that is not clear. */
function eachDrawn(
  width: number,
  { from, until }: Run,
  read: ReadRows,
  seen: (x: number, y: number) => void,
): void {
  for (let top = from; top < until; top += STRIP) {
    const count = Math.min(STRIP, until - top);
    const pixels = read(top, count);
    for (let y = 0; y < count; y++)
      for (let x = 0; x < width; x++) if (pixels[(y * width + x) * 4 + 3]! >= CLEAR_BELOW) seen(x, top + y);
  }
}

function filledRows(width: number, height: number, read: ReadRows): Uint8Array {
  const rows = new Uint8Array(height);
  eachDrawn(width, { from: 0, until: height }, read, (_, y) => (rows[y] = 1));
  return rows;
}

/** The first row of a band that is drawn in each column, and the one after the last; where it is clear the first is larger. */
function drawnColumns(width: number, band: Run, read: ReadRows): { tops: number[]; bottoms: number[] } {
  const tops = new Array<number>(width).fill(band.until);
  const bottoms = new Array<number>(width).fill(band.from);
  eachDrawn(width, band, read, (x, y) => {
    tops[x] = Math.min(tops[x]!, y);
    bottoms[x] = Math.max(bottoms[x]!, y + 1);
  });
  return { tops, bottoms };
}
