import fc from 'fast-check';
import type { Axis, Rect } from '../geometry';
import { alignTo, around, EVERY_EDGE, gapsAround, snap, spread, type Edge } from './snap';

/** What is caught on while dragging, and lining up: every pair of edges looked at one by one. */

const rect = fc.record({
  x: fc.integer({ min: -60, max: 160 }),
  y: fc.integer({ min: -60, max: 160 }),
  width: fc.integer({ min: 1, max: 40 }),
  height: fc.integer({ min: 1, max: 40 }),
});
const rects = fc.array(rect, { minLength: 1, maxLength: 6 });
const axis = fc.constantFrom<Axis>('x', 'y');
const edge = fc.constantFrom<Edge>('start', 'middle', 'end');

const at = ({ x, y, width, height }: Rect, along: Axis, which: Edge): number => {
  const [start, size] = along === 'x' ? [x, width] : [y, height];
  return which === 'start' ? start : which === 'middle' ? start + size / 2 : start + size;
};
const moved = (one: Rect, along: Axis, by: number): Rect =>
  along === 'x' ? { ...one, x: one.x + by } : { ...one, y: one.y + by };

/** How far every edge that may be caught on is away. */
const ways = (mine: Rect, others: readonly Rect[], along: Axis, edges: readonly Edge[]): number[] =>
  edges.flatMap((own) =>
    others.flatMap((other) =>
      (own === 'middle' ? (['middle'] as const) : (['start', 'end'] as const)).map(
        (theirs) => at(other, along, theirs) - at(mine, along, own),
      ),
    ),
  );

test('it goes the shortest way to what it is caught on, within reach, and says along which line', () => {
  fc.assert(
    fc.property(
      rect,
      rects,
      fc.integer({ min: 0, max: 30 }),
      fc.subarray([...EVERY_EDGE]),
      (mine, others, reach, edges) => {
        const found = snap(mine, others, { x: edges, y: edges }, { reach, grid: 0 });
        for (const along of ['x', 'y'] as const) {
          const near = ways(mine, others, along, edges).filter((by) => Math.abs(by) <= reach);
          const least = Math.min(...near.map(Math.abs));
          const line = found.lines.find((one) => one.axis === along);
          expect(Math.abs(found[along])).toBe(near.length > 0 ? least : 0);
          expect(line !== undefined).toBe(near.length > 0);
          if (!line) continue;
          expect(near).toContain(found[along]);
          const after = moved(mine, along, found[along]);
          expect(edges.map((own) => at(after, along, own))).toContain(line.at);
          // The line reaches over both of them, and no further.
          const across = along === 'x' ? 'y' : 'x';
          const [first, last] = [at(mine, across, 'start'), at(mine, across, 'end')];
          const on = others.filter((other) => EVERY_EDGE.some((own) => at(other, along, own) === line.at));
          expect(
            on.map((other) => [
              Math.min(first, at(other, across, 'start')),
              Math.max(last, at(other, across, 'end')),
            ]),
          ).toContainEqual([line.from, line.to]);
        }
      },
    ),
    { numRuns: 400 },
  );
});

test('with nothing near, the first edge that moves goes to the nearest line of the grid', () => {
  fc.assert(
    fc.property(
      rect,
      fc.integer({ min: 1, max: 25 }),
      fc.constantFrom<Edge>('start', 'end'),
      (mine, grid, own) => {
        const found = snap(mine, [], { x: [own], y: [own] }, { reach: 9, grid });
        for (const along of ['x', 'y'] as const) {
          expect(Math.abs((at(mine, along, own) + found[along]) % grid)).toBe(0);
          expect(Math.abs(found[along])).toBeLessThanOrEqual(grid / 2);
        }
        expect(found.lines).toEqual([]);
        expect(snap(mine, [], { x: [], y: [] }, { reach: 9, grid })).toMatchObject({ x: 0, y: 0 });
        expect(snap(mine, [], { x: [own], y: [own] }, { reach: 9, grid: 0 })).toMatchObject({ x: 0, y: 0 });
      },
    ),
  );
});

test('the free way on each side leads straight to the nearest thing there, through the middle of what they share', () => {
  const mine = { x: 100, y: 100, width: 40, height: 20 };
  const beside = (x: number, y: number, width = 10, height = 10): Rect => ({ x, y, width, height });
  expect(
    gapsAround(mine, [
      beside(60, 105),
      beside(20, 100),
      beside(150, 90, 10, 20),
      beside(140, 118, 5, 40),
      beside(110, 40, 20, 30),
      beside(90, 160, 30, 5),
      // Beside it and above it, but in no line with it; and over it.
      beside(60, 60),
      beside(120, 110, 40, 40),
    ]),
  ).toEqual([
    { side: 'left', from: { x: 100, y: 110 }, to: { x: 70, y: 110 }, distance: 30 },
    { side: 'right', from: { x: 140, y: 119 }, to: { x: 140, y: 119 }, distance: 0 },
    { side: 'top', from: { x: 120, y: 100 }, to: { x: 120, y: 70 }, distance: 30 },
    { side: 'bottom', from: { x: 110, y: 120 }, to: { x: 110, y: 160 }, distance: 40 },
  ]);
  expect(gapsAround(mine, [beside(140, 120)])).toEqual([]);
  expect(gapsAround(mine, [])).toEqual([]);
});

test('a free way is free: nothing else stands in it, and at its end something does', () => {
  fc.assert(
    fc.property(rect, rects, (mine, others) => {
      for (const { side, from, to, distance } of gapsAround(mine, others)) {
        const along: Axis = side === 'left' || side === 'right' ? 'x' : 'y';
        const across = along === 'x' ? 'y' : 'x';
        expect(Math.abs(to[along] - from[along])).toBe(distance);
        expect(from[across]).toBe(to[across]);
        const theirs = side === 'left' || side === 'top' ? 'end' : 'start';
        const met = others.filter(
          (other) =>
            at(other, along, theirs) === to[along] &&
            at(other, across, 'start') < from[across] &&
            from[across] < at(other, across, 'end'),
        );
        expect(met.length).toBeGreaterThan(0);
      }
    }),
  );
});

test('lined up, each has its edge where the other has that', () => {
  fc.assert(
    fc.property(rects, rect, axis, edge, (all, to, along, which) => {
      const moves = alignTo(all, to, along, which);
      expect(moves).toHaveLength(all.length);
      all.forEach((one, i) =>
        expect(at(moved(one, along, moves[i]!), along, which)).toBeCloseTo(at(to, along, which), 9),
      );
    }),
  );
});

test('spread, all have the same gaps, in the order they stood in; the outermost two stay', () => {
  fc.assert(
    fc.property(fc.array(rect, { maxLength: 6 }), axis, (all, along) => {
      const moves = spread(all, along);
      if (all.length < 3) return expect(moves).toEqual(all.map(() => 0));
      const order = all
        .map((one, i) => ({ one, i }))
        .sort((a, b) => at(a.one, along, 'start') - at(b.one, along, 'start') || a.i - b.i);
      const now = order.map(({ one, i }) => moved(one, along, moves[i]!));
      expect(moves[order[0]!.i]).toBe(0);
      expect(moves[order.at(-1)!.i]).toBeCloseTo(0, 9);
      const gaps = now.slice(1).map((one, i) => at(one, along, 'start') - at(now[i]!, along, 'end'));
      for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0]!, 9);
    }),
  );
});

test('the smallest rect around some touches one of them on each side, and holds them all', () => {
  fc.assert(
    fc.property(rects, (all) => {
      const whole = around(all);
      for (const along of ['x', 'y'] as const) {
        expect(all.map((one) => at(one, along, 'start'))).toContain(at(whole, along, 'start'));
        expect(all.map((one) => at(one, along, 'end'))).toContain(at(whole, along, 'end'));
        for (const one of all) {
          expect(at(one, along, 'start')).toBeGreaterThanOrEqual(at(whole, along, 'start'));
          expect(at(one, along, 'end')).toBeLessThanOrEqual(at(whole, along, 'end'));
        }
      }
    }),
  );
});
