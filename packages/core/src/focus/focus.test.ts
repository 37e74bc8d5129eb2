import fc from 'fast-check';
import { solveLayout } from '../layout';
import type { Rect } from '../geometry/rect';
import { buttonOf, screenOf } from '../test/flows';
import { DIRECTIONS, type Direction, type Element, type FocusRules } from '../model';
import { lostIn, movesOf, navigationDistance, solveFocus } from '.';

const solve = (elements: ReturnType<typeof buttonOf>[]) => {
  const screen = screenOf('s', { elements });
  return solveFocus(screen.elements, solveLayout(screen.elements, { width: 1920, height: 1080 }));
};

test('four buttons 96 apart: down visits them in order and wraps', () => {
  const { order, next } = solve(
    ['c', 'a', 'd', 'b'].map((id) => buttonOf(id, 200 + (id.charCodeAt(0) - 97) * 96)),
  );
  expect(order).toEqual(['a', 'b', 'c', 'd']);
  const visited = ['a'];
  for (let i = 0; i < 4; i++) visited.push(next.get(visited.at(-1)!)!.down!);
  expect(visited).toEqual(['a', 'b', 'c', 'd', 'a']);
  expect(next.get('a')!.up).toBe('d');
  expect(next.get('a')!.left).toBeUndefined();
});

test('straight ahead wins over nearer but aside', () => {
  const at = (id: string, x: number, y: number) => ({
    ...buttonOf(id, y),
    place: {
      x: { at: 'start' as const, offset: x, size: 200 },
      y: { at: 'start' as const, offset: y, size: 60 },
    },
  });
  const { next } = solve([at('from', 800, 500), at('ahead', 1400, 500), at('aside', 1050, 620)]);
  expect(next.get('from')!.right).toBe('ahead');
});

test('every direction leads to another focusable element, never to itself', () => {
  const place = fc.record({ x: fc.integer({ min: 0, max: 1700 }), y: fc.integer({ min: 0, max: 1000 }) });
  fc.assert(
    fc.property(fc.array(place, { minLength: 1, maxLength: 8 }), (places) => {
      const elements = places.map(({ x, y }, i) => ({
        ...buttonOf(`b${i}`, y),
        place: {
          x: { at: 'start' as const, offset: x, size: 200 },
          y: { at: 'start' as const, offset: y, size: 60 },
        },
      }));
      const { order, next } = solve(elements);
      for (const id of order)
        for (const direction of DIRECTIONS) {
          const to = next.get(id)![direction];
          if (to === undefined) continue;
          expect(to).not.toBe(id);
          expect(order).toContain(to);
        }
    }),
  );
});

test('distance grows as a candidate moves away', () => {
  const from = { x: 0, y: 0, width: 100, height: 40 };
  const at = (y: number) => navigationDistance(from, { ...from, y }, 'down');
  expect(at(60)).toBeLessThan(at(120));
  expect(at(120)).toBeLessThan(at(600));
});

describe('led by hand', () => {
  const four = ['a', 'b', 'c', 'd'].map((id, i) => buttonOf(id, 200 + i * 96));
  const graph = (rules: FocusRules, elements: Element[] = four) => {
    const screen = screenOf('s', { elements });
    return solveFocus(screen.elements, solveLayout(screen.elements, { width: 1920, height: 1080 }), rules);
  };

  test('a way set by hand goes before the layout, to nowhere as well, and what is gone does not count', () => {
    const { next } = graph({ next: { a: { down: 'd', right: 'c' }, b: { up: null, down: 'gone' } } });
    expect(next.get('a')).toMatchObject({ down: 'd', right: 'c', up: 'd' });
    expect(next.get('b')).toEqual({ down: 'c' });
  });

  test('the ends lead round up and down by themselves, sideways or not at all as it is said', () => {
    expect(graph({}).next.get('d')!.down).toBe('a');
    expect(graph({ wraps: 'never' }).next.get('d')!.down).toBeUndefined();
    const row = four.map((element, i) => ({
      ...element,
      place: { x: { at: 'start', offset: i * 300, size: 280 }, y: { at: 'start', offset: 0, size: 72 } },
    })) as Element[];
    expect(graph({}, row).next.get('d')!.right).toBeUndefined();
    expect(graph({ wraps: 'both' }, row).next.get('d')!.right).toBe('a');
    expect(graph({ wraps: 'left and right' }, row).next.get('a')!.left).toBe('d');
  });

  test('a panel that leads round keeps the focus on its own axis, and lets it out on the other', () => {
    const panel = {
      ...buttonOf('p', 0),
      type: 'panel',
      wraps: 'up and down',
      place: { x: { at: 'start', offset: 0, size: 300 }, y: { at: 'start', offset: 0, size: 300 } },
    } as unknown as Element;
    const inside = ['x', 'y'].map((id, i) => ({ ...buttonOf(id, i * 90), parent: 'p' })) as Element[];
    const below = buttonOf('below', 700);
    const { next } = graph({}, [panel, ...inside, below]);
    expect(next.get('y')!.down).toBe('x');
    expect(next.get('x')!.up).toBe('y');
    expect(next.get('below')!.up).toBe('y');
  });

  test('the order it is read in is as set by hand, with what is not named after it', () => {
    expect(graph({ order: ['c', 'gone', 'a', 'c'] }).order).toEqual(['c', 'a', 'b', 'd']);
  });

  test('moves tell which are set by hand and which do not lead back; lost elements and dead ends are found', () => {
    const rules: FocusRules = {
      next: {
        a: { down: 'c' },
        c: { up: 'a', down: null },
        d: { up: null, down: null },
        b: { up: null, down: null },
      },
      wraps: 'never',
    };
    const solved = graph(rules);
    expect(movesOf(solved, rules)).toEqual([
      { from: 'a', to: 'c', direction: 'down', own: true, oneWay: false },
      { from: 'c', to: 'a', direction: 'up', own: true, oneWay: false },
    ]);
    expect(lostIn(solved, 'a')).toEqual({ unreachable: ['b', 'd'], deadEnds: ['b', 'd'] });
    expect(movesOf(graph({ next: { a: { down: 'd' } } })).find((move) => move.oneWay)).toMatchObject({
      from: 'a',
      to: 'd',
    });
  });

  test('every move is between two things that can have the focus, in any layout', () => {
    const place = fc.record({ x: fc.integer({ min: 0, max: 1700 }), y: fc.integer({ min: 0, max: 1000 }) });
    fc.assert(
      fc.property(fc.array(place, { minLength: 1, maxLength: 8 }), (places) => {
        const elements = places.map(({ x, y }, i) => ({
          ...buttonOf(`b${i}`, y),
          place: { x: { at: 'start', offset: x, size: 200 }, y: { at: 'start', offset: y, size: 60 } },
        })) as Element[];
        const solved = graph({ wraps: 'both' }, elements);
        for (const { from, to } of movesOf(solved)) {
          expect(solved.order).toContain(from);
          expect(solved.order).toContain(to);
          expect(to).not.toBe(from);
        }
      }),
    );
  });
});

test('an area that scrolls is gone through to its end before the focus leaves it; from outside its edge is met', () => {
  const area = {
    ...buttonOf('area', 0),
    type: 'panel',
    overflow: 'scrolls',
    place: { x: { at: 'start', offset: 0, size: 300 }, y: { at: 'start', offset: 100, size: 200 } },
  } as unknown as Element;
  const rows = Array.from({ length: 8 }, (_, i) => ({
    ...buttonOf(`r${i}`, i * 90),
    parent: 'area',
  })) as Element[];
  const tabs = {
    ...buttonOf('tabs', 0),
    type: 'tabs',
    tabs: ['One'],
    bar: 60,
    parent: null,
  } as unknown as Element;
  const foot = buttonOf('foot', 320);
  const elements = [tabs, area, ...rows, foot].map((element) =>
    element.id === 'tabs' || element.id === 'foot'
      ? { ...element, place: { ...element.place, x: { at: 'start', offset: 0, size: 300 } } }
      : element,
  ) as Element[];
  const { next } = solve(elements as never);
  const path = ['tabs'];
  for (let n = 0; n < 9; n++) path.push(next.get(path.at(-1)!)!.down!);
  expect(path).toEqual(['tabs', ...rows.map((row) => row.id), 'foot']);
  expect(next.get('foot')!.up).toMatch(/^r/);
  expect(next.get('r0')!.up).toBe('tabs');
});

/** What lies nearest by the distance of the draft alone: every other element is looked at. */
function nearestOfAll(
  rects: ReadonlyMap<string, Rect>,
  from: string,
  direction: Direction,
): string | undefined {
  let found: string | undefined;
  let min = Infinity;
  const a = rects.get(from)!;
  const middle = (rect: Rect) => ({ x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 });
  const lies = (b: Rect): boolean =>
    ({
      up: middle(b).y < middle(a).y && b.y < a.y,
      down: middle(b).y > middle(a).y && b.y + b.height > a.y + a.height,
      left: middle(b).x < middle(a).x && b.x < a.x,
      right: middle(b).x > middle(a).x && b.x + b.width > a.x + a.width,
    })[direction];
  const order = [...rects].sort(([, p], [, q]) => p.y - q.y || p.x - q.x);
  for (const [id, b] of order) {
    if (id === from || !lies(b)) continue;
    const distance = navigationDistance(a, b, direction);
    if (distance < min) [min, found] = [distance, id];
  }
  return found;
}

test('what is found without looking at all of them is what looking at all of them finds', () => {
  const rect = fc.record({
    x: fc.integer({ min: 0, max: 60 }),
    y: fc.integer({ min: 0, max: 60 }),
    width: fc.integer({ min: 0, max: 30 }),
    height: fc.integer({ min: 0, max: 30 }),
  });
  fc.assert(
    fc.property(fc.array(rect, { minLength: 2, maxLength: 14 }), (list) => {
      const rects = new Map(list.map((item, i) => [`b${i}`, item]));
      const elements = [...rects].map(([id, { x, y, width, height }]) => ({
        ...buttonOf(id, 0),
        place: {
          x: { at: 'start' as const, offset: x, size: width },
          y: { at: 'start' as const, offset: y, size: height },
        },
      }));
      const layout = solveLayout(elements, { width: 1920, height: 1080 });
      const { next } = solveFocus(elements, layout, { wraps: 'never' });
      for (const id of rects.keys())
        for (const direction of DIRECTIONS)
          expect([id, direction, next.get(id)?.[direction]]).toEqual([
            id,
            direction,
            nearestOfAll(rects, id, direction),
          ]);
    }),
    { numRuns: 400 },
  );
});
