import type { Rect } from '../geometry';
import fc from 'fast-check';
import type { Placement, Element } from '../model';
import { anyAxis } from '../test/elements';
import {
  alignTo,
  anchorAxis,
  around,
  attachAxis,
  EVERY_EDGE,
  gapsAround,
  holdAxisBy,
  matched,
  measure,
  counterpart,
  MEASURES,
  nearMatches,
  reparentAxis,
  resizeAxis,
  snap,
  solveAxis,
  spanOf,
  spread,
} from './';
import { buttonOf } from '../test/flows';
import { solveLayout } from './solve';

/** Places that hang on no sibling and have no bounds, whose size is at least one pixel. */
const plain = anyAxis
  .map((placement): Placement => {
    const { min: _, max: __, ...rest } = placement;
    if (rest.at === 'stretch') return { ...rest, offset: 100, far: 200 };
    const { to: ___, ...free } = rest;
    return free;
  })
  .filter((placement) => solveAxis(placement, 1920).size >= 1);
const room = fc.constantFrom(1920, 1080, 640);
const some = fc.integer({ min: -200, max: 200 });
const CLOSE = 0;

test('resizing moves the two edges by just so much, and leaves anchor and units', () => {
  fc.assert(
    fc.property(plain, some, some, (placement, start, end) => {
      const before = solveAxis(placement, 1920);
      fc.pre(before.size + end - start >= 0);
      const changed = resizeAxis(placement, start, end, 1920);
      const after = solveAxis(changed, 1920);
      expect(after.start - before.start).toBeCloseTo(start, CLOSE);
      expect(after.start + after.size - before.start - before.size).toBeCloseTo(end, CLOSE);
      expect(changed.at).toBe(placement.at);
      expect(typeof changed.offset).toBe(typeof placement.offset);
    }),
  );
});

test('another anchor, another holder, another own point, a sibling: nothing moves on screen', () => {
  fc.assert(
    fc.property(
      plain,
      room,
      fc.constantFrom('start' as const, 'centre' as const, 'end' as const, 'stretch' as const),
      fc.constantFrom(0, 0.5, 1),
      fc.record({ start: some, size: fc.integer({ min: 1, max: 900 }) }),
      (placement, inside, at, own, other) => {
        const span = solveAxis(placement, inside);
        const same = (changed: Placement, within: number = inside, from = 0): void => {
          const now = solveAxis(changed, within);
          expect(now.start + from).toBeCloseTo(span.start, CLOSE);
          expect(now.size).toBeCloseTo(span.size, CLOSE);
        };
        same(anchorAxis(placement, at, span, inside));
        same(reparentAxis(placement, span, other), other.size, other.start);
        if (placement.at !== 'stretch') same(holdAxisBy(placement, own, span.size, inside));
        if (at === 'stretch') return;
        const hung = attachAxis(placement, 's', at, span, other, own);
        const elements = [
          {
            ...buttonOf('s', 0),
            place: { x: { at: 'start' as const, offset: other.start, size: other.size }, y: placement },
          },
          { ...buttonOf('e', 0), place: { x: hung, y: placement } },
        ];
        const rect = solveLayout(elements, { width: inside, height: inside }).get('e')!;
        expect(rect.x).toBeCloseTo(span.start, CLOSE);
        expect(rect.width).toBeCloseTo(span.size, CLOSE);
      },
    ),
  );
});

const rect = fc.record({
  x: fc.integer({ min: 0, max: 1800 }),
  y: fc.integer({ min: 0, max: 1000 }),
  width: fc.integer({ min: 1, max: 600 }),
  height: fc.integer({ min: 1, max: 400 }),
});
const rects = fc.array(rect, { minLength: 1, maxLength: 6 });

test('a drag is caught no further than its reach, and lies on what it was caught by', () => {
  fc.assert(
    fc.property(rect, rects, fc.integer({ min: 1, max: 20 }), (moved, others, reach) => {
      const found = snap(moved, others, { x: EVERY_EDGE, y: EVERY_EDGE }, { reach, grid: 0 });
      expect(Math.max(Math.abs(found.x), Math.abs(found.y))).toBeLessThanOrEqual(reach);
      const at = { ...moved, x: moved.x + found.x, y: moved.y + found.y };
      for (const line of found.lines) {
        const { start, size } = spanOf(at, line.axis);
        const edges = [start, start + size / 2, start + size];
        expect(Math.min(...edges.map((edge) => Math.abs(edge - line.at)))).toBeLessThan(1e-6);
      }
    }),
  );
});

test('with nothing near, it falls on the grid', () => {
  const far: Rect = { x: 1500, y: 900, width: 10, height: 10 };
  const found = snap(
    { x: 13, y: 8, width: 51, height: 51 },
    [far],
    { x: ['start'], y: ['start'] },
    { reach: 3, grid: 10 },
  );
  expect([13 + found.x, 8 + found.y, found.lines]).toEqual([10, 10, []]);
});

test('gaps lead to the nearest on each side, and to nothing that lies across', () => {
  const middle: Rect = { x: 100, y: 100, width: 50, height: 50 };
  const others = [
    { x: 0, y: 110, width: 40, height: 10 },
    { x: 10, y: 110, width: 70, height: 10 },
    { x: 300, y: 400, width: 10, height: 10 },
    { x: 120, y: 190, width: 5, height: 5 },
  ];
  expect(gapsAround(middle, others).map(({ side, distance }) => [side, distance])).toEqual([
    ['left', 20],
    ['bottom', 40],
  ]);
});

test('lined up, all edges meet; spread, all gaps are one', () => {
  fc.assert(
    fc.property(
      rects,
      fc.constantFrom('x' as const, 'y' as const),
      fc.constantFrom(...EVERY_EDGE),
      (all, axis, edge) => {
        const goal = around(all);
        const aligned = alignTo(all, goal, axis, edge).map((by, i) => spanOf(all[i]!, axis).start + by);
        const edges = aligned.map((start, i) => {
          const { size } = spanOf(all[i]!, axis);
          return edge === 'start' ? start : edge === 'end' ? start + size : start + size / 2;
        });
        for (const value of edges) expect(value).toBeCloseTo(edges[0]!, 6);
        const order = spread(all, axis)
          .map((by, i) => ({ ...spanOf(all[i]!, axis), by, was: spanOf(all[i]!, axis).start }))
          .map((item) => ({ start: item.start + item.by, size: item.size, was: item.was }))
          .sort((a, b) => a.was - b.was);
        if (all.length < 3) return;
        const gaps = order.slice(1).map((item, i) => item.start - order[i]!.start - order[i]!.size);
        // Among equals in where they begin any order will do, so gaps are compared where there are none.
        fc.pre(new Set(order.map((item) => item.was)).size === order.length);
        for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0]!, 6);
      },
    ),
  );
});

test('the counterpart on another screen is the one of its name, however far, else the nearest of its type', () => {
  const siblings = [
    { ...buttonOf('near', 0), name: 'Resume' },
    { ...buttonOf('far', 0), name: 'Back' },
    { ...buttonOf('words', 0), name: 'Heading', type: 'text' } as Element,
  ];
  const at = (x: number) => ({ x, y: 0, width: 100, height: 50 });
  const layout = new Map([
    ['near', at(110)],
    ['far', at(1500)],
    ['words', at(105)],
  ]);
  const of = (over: object) =>
    counterpart({ ...buttonOf('e', 0), ...over } as Element, at(100), siblings, layout)?.sibling;
  expect(of({ name: 'back' })).toBe('far');
  expect(of({ name: 'Else' })).toBe('near');
  expect(of({ name: 'heading' })).toBe('words');
  expect(of({ name: 'Else', type: 'slider' })).toBeUndefined();
});

test('what nearly matches a sibling is told, with its own name first, and one match makes it exact', () => {
  const siblings = [
    { ...buttonOf('far', 0), name: 'Other' },
    { ...buttonOf('near', 0), name: 'Back' },
  ];
  const layout = new Map([
    ['far', { x: 104, y: 20, width: 300, height: 70 }],
    ['near', { x: 103, y: 500, width: 280, height: 72 }],
  ]);
  const here = { x: 100, y: 900, width: 285, height: 72 };
  const found = nearMatches({ ...buttonOf('e', 0), name: 'back' }, here, siblings, layout);
  expect(found.map(({ what, there, sibling }) => [what, there, sibling])).toEqual([
    ['left', 103, 'near'],
    ['right', 383, 'near'],
    ['width', 280, 'near'],
  ]);
  fc.assert(
    fc.property(
      rect,
      fc.constantFrom(...MEASURES),
      fc.integer({ min: -8, max: 8 }),
      fc.boolean(),
      (from, what, by, rest) => {
        const near = { what, here: measure(from, what), there: measure(from, what) + by, sibling: 's' };
        const to = matched(from, near, rest);
        expect(measure(to, what)).toBe(near.there);
        if (rest && what === 'left') expect(measure(to, 'right')).toBe(measure(from, 'right'));
        if (!rest && what === 'left') expect(to.width).toBe(from.width);
      },
    ),
  );
});
