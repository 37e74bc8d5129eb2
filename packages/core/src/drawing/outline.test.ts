import fc from 'fast-check';
import svgpath from 'svgpath';
import type { Rect } from '../geometry';
import type { Point, ShapeForm, ShapeLine } from '../model';
import {
  fittedLines,
  linesOf,
  movedPoint,
  outlineOf,
  pointsAlong,
  turnedPoint,
  withPoint,
  withPointAfter,
} from '.';

const RECT: Rect = { x: 100, y: 50, width: 400, height: 200 };

/** Every point that an outline leads to, read by a parser that is not ours. */
function ends(d: string): Point[] {
  const found: Point[] = [];
  svgpath(d)
    .abs()
    .iterate((segment) => {
      const numbers = segment.slice(1) as number[];
      if (numbers.length > 1) found.push({ x: numbers.at(-2)!, y: numbers.at(-1)! });
    });
  return found;
}
const box = (points: readonly Point[]) => {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)].map(Math.round);
};
const form = fc.oneof(
  fc.record({ is: fc.constant('polygon' as const), corners: fc.integer({ min: 3, max: 30 }) }),
  fc.record({
    is: fc.constant('star' as const),
    corners: fc.integer({ min: 3, max: 30 }),
    inner: fc.constantFrom(0.1, 0.5, 0.9),
  }),
);
const share = fc.integer({ min: -50, max: 150 }).map((n) => n / 100);
const point = fc.record({ x: share, y: share });
const line: fc.Arbitrary<ShapeLine> = fc
  .record({
    points: fc.array(fc.record({ at: point, before: point, after: point, smooth: fc.boolean() }), {
      minLength: 2,
      maxLength: 6,
    }),
    open: fc.boolean(),
  })
  .map(({ points, open }) => ({
    points: points.map(({ at, before, after, smooth }) => (smooth ? { ...at, before, after } : at)),
    ...(open ? { open: true as const } : {}),
  }));

test('polygons and stars reach every side of their place, with as many corners as they are said to have', () => {
  fc.assert(
    fc.property(form, (shape) => {
      const points = ends(outlineOf(shape, RECT, 0));
      const many = shape.is === 'star' ? shape.corners * 2 : shape.corners;
      // The last leads back to the first.
      expect(points).toHaveLength(many + 1);
      expect(box(points)).toEqual([100, 50, 500, 250]);
    }),
  );
});

test('a triangle stands on its base, and a square on a corner', () => {
  expect(outlineOf({ is: 'polygon', corners: 3 }, RECT, 0)).toBe('M300 50L500 250L100 250L300 50Z');
  expect(outlineOf({ is: 'polygon', corners: 4 }, RECT, 0)).toBe('M300 50L500 150L300 250L100 150L300 50Z');
});

test('a corner is rounded no further than to the middle of its sides', () => {
  const square: ShapeForm = {
    is: 'path',
    lines: [
      {
        points: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 1, y: 1 },
          { x: 0, y: 1 },
        ],
      },
    ],
  };
  expect(outlineOf(square, RECT, 20)).toBe(
    'M120 50L480 50Q500 50 500 70L500 230Q500 250 480 250L120 250Q100 250 100 230L100 70Q100 50 120 50Z',
  );
  expect(outlineOf(square, RECT, 900)).toMatch(/^M300 50L300 50Q500 50 500 150/);
  // The ends of an open line are no corners.
  expect(outlineOf({ is: 'path', lines: [{ ...square.lines[0]!, open: true }] }, RECT, 20)).toMatch(
    /^M100 50L480 50Q.*L100 250$/,
  );
});

test('lines drawn closely round stand where they stood, in a rect that they reach on every side', () => {
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 3 }), (lines) => {
      const fitted = fittedLines(lines, RECT);
      const at = (all: readonly ShapeLine[], rect: Rect): Point[] =>
        all.flatMap(({ points }) =>
          points.flatMap(({ x, y, before, after }) =>
            [{ x, y }, before ?? { x, y }, after ?? { x, y }].map((each) => ({
              x: rect.x + each.x * rect.width,
              y: rect.y + each.y * rect.height,
            })),
          ),
        );
      const [before, after] = [at(lines, RECT), at(fitted.lines, fitted.rect)];
      const far = after.map((each, i) => Math.hypot(each.x - before[i]!.x, each.y - before[i]!.y));
      // Shares are kept to a ten-thousandth, of places that are at most 800 across here.
      expect(Math.max(...far)).toBeLessThan(0.6);
      const drawn = fitted.lines.flatMap(pointsAlong);
      if (fitted.rect.width > 1) expect(Math.max(...drawn.map(({ x }) => x))).toBeCloseTo(1, 2);
      if (fitted.rect.height > 1) expect(Math.min(...drawn.map(({ y }) => y))).toBeCloseTo(0, 2);
    }),
    {
      examples: [
        [
          // Its handles bend it by less than its rect is wide.
          [
            {
              points: [
                { x: 0.18, y: 0 },
                { x: 0, y: 0, before: { x: 0, y: 0 }, after: { x: 0, y: 0.01 } },
              ],
            },
          ],
        ],
      ],
    },
  );
});

test('a point put in lies on the line it parts; one taken out leaves the rest', () => {
  fc.assert(
    fc.property(line, fc.nat(5), (shape, n) => {
      const at = n % shape.points.length;
      const [more] = withPointAfter([shape], 0, at);
      expect(more!.points).toHaveLength(shape.points.length + 1);
      const [less] = withPoint([more!], 0, at + 1, null);
      expect(less!.points.map(({ x, y }) => ({ x, y }))).toEqual(shape.points.map(({ x, y }) => ({ x, y })));
    }),
  );
  expect(
    withPoint(
      [
        {
          points: [
            { x: 0, y: 0 },
            { x: 1, y: 1 },
          ],
        },
      ],
      0,
      0,
      null,
    ),
  ).toEqual([]);
});

test('a point moves with its handles; a smooth one has them in one line through it, a corner none', () => {
  const moved = movedPoint(
    { x: 0, y: 0, before: { x: -1, y: 0 }, after: { x: 1, y: 0 } },
    { x: 0.5, y: 0.25 },
  );
  expect(moved).toEqual({ x: 0.5, y: 0.25, before: { x: -0.5, y: 0.25 }, after: { x: 1.5, y: 0.25 } });
  const [polygon] = linesOf({ is: 'polygon', corners: 5 });
  fc.assert(
    fc.property(fc.nat(4), (at) => {
      const { x, y, before, after } = turnedPoint(polygon!, at, true);
      expect([(before!.x + after!.x) / 2, (before!.y + after!.y) / 2]).toEqual([
        expect.closeTo(x, 9),
        expect.closeTo(y, 9),
      ]);
      expect(turnedPoint({ points: [{ x, y, before, after }] }, 0, false)).toEqual({ x, y });
    }),
  );
});
