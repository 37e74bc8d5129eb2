import fc from 'fast-check';
import { solveLayout } from '../layout';
import { buttonOf, screenOf } from '../test/flows';
import { DIRECTIONS, navigationDistance, solveFocus } from '.';

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
