import fc from 'fast-check';
import type { Asset, Cell } from '../model';
import { cellsByGaps, numberedLike, numberedPictures, type ReadRows } from '.';

/** A picture with some rectangles drawn on clear ground. */
function drawn(width: number, height: number, rects: readonly Cell[], alpha = 255): ReadRows {
  const pixels = new Uint8ClampedArray(width * height * 4);
  for (const rect of rects)
    for (let y = rect.y; y < rect.y + rect.height; y++)
      for (let x = rect.x; x < rect.x + rect.width; x++) pixels[(y * width + x) * 4 + 3] = alpha;
  return (from, count) => pixels.subarray(from * width * 4, (from + count) * width * 4);
}

test('frames that stand apart are found each as large as it is drawn, from the top down and from left to right', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.array(fc.tuple(fc.nat(3), fc.nat(3), fc.nat(8), fc.nat(8)), { minLength: 1, maxLength: 5 }),
        {
          minLength: 1,
          maxLength: 40,
        },
      ),
      (rows) => {
        // Every frame lies in a square of 14, with at least a pixel free around it and one frame of all its height in a row.
        const cells = rows.flatMap((row, r) =>
          row.map(([x, y, width, height], c) => ({
            x: c * 14 + 1 + x,
            y: r * 14 + 1 + (c === 0 ? 0 : y),
            width: width + 1,
            height: c === 0 ? 12 : height + 1,
          })),
        );
        expect(cellsByGaps(5 * 14, rows.length * 14, drawn(5 * 14, rows.length * 14, cells))).toEqual(cells);
      },
    ),
    { numRuns: 40 },
  );
});

test('a picture that is all clear, or nearly so, has no frames; one that is all drawn is one', () => {
  const all = { x: 0, y: 0, width: 30, height: 20 };
  expect(cellsByGaps(30, 20, drawn(30, 20, []))).toEqual([]);
  expect(cellsByGaps(30, 20, drawn(30, 20, [all], 4))).toEqual([]);
  expect(cellsByGaps(30, 20, drawn(30, 20, [all]))).toEqual([all]);
});

test('dust is not cut into more frames than can be kept', () => {
  const dust = Array.from({ length: 40 * 40 }, (_, i) => ({
    x: (i % 40) * 2,
    y: Math.floor(i / 40) * 2,
    width: 1,
    height: 1,
  }));
  expect(cellsByGaps(80, 80, drawn(80, 80, dust))).toBeNull();
});

const named = (name: string, media = 'image/png'): Asset => ({
  id: name,
  name,
  media,
  width: 1,
  height: 1,
  bytes: 1,
});

test('numbered pictures go together by what stands before their numbers, by number and not by letter', () => {
  const assets = ['walk_10', 'walk_9', 'lamp', 'run1', 'walk_2', 'gull 3'].map((name) => named(name));
  assets.push(named('walk_1', 'audio/wav'));
  expect([...numberedPictures(assets)].map(([stem, row]) => [stem, row.map(({ name }) => name)])).toEqual([
    ['walk_', ['walk_2', 'walk_9', 'walk_10']],
  ]);
  expect(numberedLike(assets, 'walk_9').map(({ id }) => id)).toEqual(['walk_2', 'walk_9', 'walk_10']);
  expect(numberedLike(assets, 'lamp')).toEqual([]);
  expect(numberedLike(assets, null)).toEqual([]);
});
