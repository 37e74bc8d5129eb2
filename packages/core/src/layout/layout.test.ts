import fc from 'fast-check';
import type { Placement, Length } from '../model';
import { buttonOf, screenOf } from '../test/flows';
import { moveAxis, solveAxis, solveLayout } from '.';

const frame = { width: 1920, height: 1080 };
const placed = (x: Placement, y: Placement, size = frame) =>
  solveLayout([{ ...buttonOf('e', 0), place: { x, y } }], size).get('e');

test('centred at 50 % and 75 %, 40 % by 10 %', () => {
  const x: Placement = { at: 'start', offset: '50%', size: '40%', own: 0.5 };
  const y: Placement = { at: 'start', offset: '75%', size: '10%', own: 0.5 };
  expect(placed(x, y)).toEqual({ x: 576, y: 756, width: 768, height: 108 });
  expect(placed(x, y, { width: 1280, height: 720 })).toEqual({ x: 384, y: 504, width: 512, height: 72 });
});

test('stretched, 240 from both sides and 90 from top and bottom', () => {
  expect(placed({ at: 'stretch', offset: 240, far: 240 }, { at: 'stretch', offset: 90, far: 90 })).toEqual({
    x: 240,
    y: 90,
    width: 1440,
    height: 900,
  });
});

test('kept 36 from the bottom left whatever its size', () => {
  for (const size of [512, 480])
    expect(placed({ at: 'start', offset: 36, size }, { at: 'end', offset: 36, size })).toEqual({
      x: 36,
      y: 1080 - 36 - size,
      width: size,
      height: size,
    });
});

test('a child stands in its parent; a parent that is gone or a circle counts as the frame', () => {
  const inner = { ...buttonOf('inner', 10), parent: 'outer' };
  const outer = {
    ...buttonOf('outer', 100),
    place: {
      x: { at: 'start', offset: 50, size: 400 } as Placement,
      y: { at: 'start', offset: 100, size: 300 } as Placement,
    },
  };
  expect(solveLayout(screenOf('s', { elements: [inner, outer] }).elements, frame).get('inner')).toEqual({
    x: 110,
    y: 110,
    width: 280,
    height: 72,
  });
  expect(solveLayout(screenOf('s', { elements: [inner] }).elements, frame).get('inner')!.y).toBe(10);
  const circle = [
    { ...inner, parent: 'outer' },
    { ...outer, parent: 'inner' },
  ];
  expect(solveLayout(screenOf('s', { elements: circle }).elements, frame).size).toBe(2);
});

const length: fc.Arbitrary<Length> = fc.oneof(
  fc.integer({ min: -500, max: 2000 }),
  fc.integer({ min: 0, max: 100 }).map((n) => `${n}%`),
);
const axis: fc.Arbitrary<Placement> = fc.oneof(
  fc.record({
    at: fc.constantFrom('start', 'centre', 'end'),
    offset: length,
    size: length,
    own: fc.constantFrom(0, 0.5, 1),
  }),
  fc.record({
    at: fc.constant('stretch'),
    offset: fc.integer({ min: 0, max: 400 }),
    far: fc.integer({ min: 0, max: 400 }),
  }),
) as fc.Arbitrary<Placement>;

test('moving an axis moves its start by so much and leaves size, anchor and units', () => {
  fc.assert(
    fc.property(
      axis,
      fc.integer({ min: -300, max: 300 }),
      fc.constantFrom(1920, 1080, 640),
      (before, by, room) => {
        const after = moveAxis(before, by, room);
        const [a, b] = [solveAxis(before, room), solveAxis(after, room)];
        expect(b.start - a.start).toBeCloseTo(by, 0);
        expect(b.size).toBeCloseTo(a.size, 6);
        expect(after.at).toBe(before.at);
        expect(typeof after.offset).toBe(typeof before.offset);
      },
    ),
  );
});
