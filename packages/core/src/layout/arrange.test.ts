import fc from 'fast-check';
import type { Placement, Element, PanelElement } from '../model';
import { anyElements } from '../test/elements';
import { buttonOf } from '../test/flows';
import { solveLayout } from '.';

const frame = { width: 1920, height: 1080 };
const size = (n: number): Placement => ({ at: 'start', offset: 0, size: n });
const panel = (arrange: PanelElement['arrange'], over: Partial<PanelElement> = {}): Element => ({
  id: 'p',
  name: 'p',
  type: 'panel',
  parent: null,
  place: { x: size(600), y: size(400) },
  box: { style: 'b-panel' },
  arrange,
  ...over,
});
const child = (id: string, x: Placement, y: Placement): Element => ({
  ...buttonOf(id, 0),
  parent: 'p',
  place: { x, y },
});
const solve = (...elements: Element[]) => {
  const layout = solveLayout(elements, frame);
  return (id: string) => {
    const { x, y, width, height } = layout.get(id)!;
    return [x, y, width, height];
  };
};

test('a column puts one under the other, with room round and between them', () => {
  const at = solve(
    panel({ by: 'column', gap: 10, pad: 20, across: 'stretch' }),
    child('a', size(100), size(50)),
    child('b', size(100), size(70)),
  );
  expect(at('a')).toEqual([20, 20, 560, 50]);
  expect(at('b')).toEqual([20, 80, 560, 70]);
});

test('what stretches in a row shares what the others leave', () => {
  const stretch: Placement = { at: 'stretch', offset: 0, far: 0 };
  const at = solve(
    panel({ by: 'row', gap: 10, across: 'centre' }),
    child('a', size(100), size(100)),
    child('b', stretch, size(200)),
    child('c', stretch, size(400)),
  );
  expect(at('a')).toEqual([0, 150, 100, 100]);
  expect(at('b')).toEqual([110, 100, 240, 200]);
  expect(at('c')).toEqual([360, 0, 240, 400]);
});

test('spread out, the first and the last stand at the edges', () => {
  const at = solve(
    panel({ by: 'row', gap: 0, along: 'spread' }),
    ...['a', 'b', 'c'].map((id) => child(id, size(100), size(10))),
  );
  expect(['a', 'b', 'c'].map((id) => at(id)[0])).toEqual([0, 250, 500]);
});

test('a grid has columns of one width, and rows as high as the highest in them', () => {
  const at = solve(
    panel({ by: 'grid', gap: 20, columns: 2 }),
    child('a', size(10), size(40)),
    child('b', size(10), size(90)),
    child('c', size(10), size(30)),
  );
  expect(at('b')).toEqual([310, 0, 290, 90]);
  expect(at('c')).toEqual([0, 110, 290, 30]);
});

test('what is beside a sibling stays so far from it, however large that is', () => {
  for (const width of [120, 480]) {
    const sibling = { ...buttonOf('s', 0), place: { x: size(width), y: size(60) } };
    const beside = {
      ...buttonOf('b', 0),
      place: { x: { at: 'end', to: 's', offset: 24, size: 50 } as Placement, y: size(60) },
    };
    expect(solve(beside, sibling)('b')[0]).toBe(width + 24);
  }
});

test('siblings that hang on one another fall back to the parent', () => {
  const hang = (id: string, to: string): Element => ({
    ...buttonOf(id, 0),
    place: { x: { at: 'end', to, offset: 10, size: 50 }, y: size(10) },
  });
  const layout = solveLayout([hang('a', 'b'), hang('b', 'a'), hang('c', 'c')], frame);
  for (const rect of layout.values()) expect(Number.isFinite(rect.x)).toBe(true);
});

test('a size keeps within its bounds', () => {
  const at = (placement: Placement) =>
    solve({ ...buttonOf('b', 0), place: { x: placement, y: size(1) } })('b')[2];
  expect(at({ at: 'start', offset: 0, size: '50%', max: 700 })).toBe(700);
  expect(at({ at: 'stretch', offset: 900, far: 900, min: 300 })).toBe(300);
});

test('whatever elements say, every one of them stands somewhere', () => {
  fc.assert(
    fc.property(anyElements(7), fc.integer({ min: 16, max: 3000 }), (elements, width) => {
      const layout = solveLayout(elements, { width, height: 900 });
      expect(layout.size).toBe(elements.length);
      for (const rect of layout.values()) {
        for (const n of Object.values(rect)) expect(Number.isFinite(n)).toBe(true);
        expect(Math.min(rect.width, rect.height)).toBeGreaterThanOrEqual(0);
      }
    }),
  );
});
