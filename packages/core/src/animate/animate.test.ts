import fc from 'fast-check';
import { DEFAULT_RATES, type Animation, type Id } from '../model';
import { anyAnimations, anyFrames } from '../test/motions';
import {
  compileAnimation,
  compileFrames,
  endOf,
  frameAt,
  lengthOf,
  READY,
  sampleAnimation,
  withKeyframe,
} from '.';

const compiled = (animation: Omit<Animation, 'id'>, reduced = false, rates = DEFAULT_RATES) =>
  compileAnimation('e', { id: 'a', ...animation }, rates, reduced);

test('a whole turn in 288 frames at 24 a second: a quarter at frame 72, no frame repeated at the seam', () => {
  const beam = compiled(
    {
      on: 'arrival',
      repeat: 'loop',
      frames: [
        { at: '0 frames', turn: 0 },
        { at: '288 frames', turn: 360 },
      ],
    },
    false,
    { frames: 24, ticks: 20 },
  );
  expect(beam.span).toBe(12_000_000);
  const frame = (n: number): number => sampleAnimation(beam, Math.round((n / 24) * 1_000_000)).turn;
  expect(frame(72)).toBeCloseTo(90, 6);
  const turns = Array.from({ length: 289 }, (_, n) => frame(n));
  expect(new Set(turns.slice(0, 288).map((turn) => turn.toFixed(3))).size).toBe(288);
  expect(turns[288]).toBe(turns[0]);
  const step = turns[1]! - turns[0]!;
  expect(360 - turns[287]!).toBeCloseTo(step, 3);
});

test('what a keyframe does not name is between its neighbours, and at rest before the first that does', () => {
  const moved = compiled({
    on: 'arrival',
    frames: [
      { at: '0 s', x: 0 },
      { at: '1 s', opacity: 0 },
      { at: '2 s', x: 100 },
    ],
  });
  expect(sampleAnimation(moved, 1_000_000)).toMatchObject({ x: 50, opacity: 0 });
  expect(sampleAnimation(moved, 500_000)).toMatchObject({ x: 25, opacity: 0.5 });
  expect(sampleAnimation(moved, 9_000_000)).toMatchObject({ x: 100, opacity: 0 });
});

test('there and back comes by where it was, and is at its beginning after twice its length', () => {
  const bob = compiled(READY.bob);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: bob.span }), (t) => {
      expect(sampleAnimation(bob, 2 * bob.span - t).y).toBeCloseTo(sampleAnimation(bob, t).y, 6);
    }),
  );
  expect(sampleAnimation(bob, 2 * bob.span).y).toBeCloseTo(0, 9);
});

test.each(Object.keys(READY) as (keyof typeof READY)[])('the ready loop %s ends as it begins', (name) => {
  const loop = compiled(READY[name]);
  const period = loop.repeat === 'loop' ? loop.span : 2 * loop.span;
  expect(sampleAnimation(loop, period)).toEqual(sampleAnimation(loop, 0));
  const near = sampleAnimation(loop, period - 1);
  const first = sampleAnimation(loop, 0);
  expect(Math.abs(((near.turn - first.turn + 540) % 360) - 180)).toBeLessThan(0.01);
  for (const key of ['x', 'y', 'scale', 'opacity'] as const) expect(near[key]).toBeCloseTo(first[key], 3);
});

test('a tint comes from nothing', () => {
  const lit = compiled({ on: 'press', frames: [{ at: '0 s' }, { at: '1 s', tint: '#ff0000' }] });
  expect(sampleAnimation(lit, 250_000).tint).toEqual({ from: null, to: '#ff0000', p: 0.25 });
});

test('with less motion nothing moves: loops rest, and what happens once is done at once', () => {
  fc.assert(
    fc.property(anyAnimations, fc.integer({ min: 0, max: 4_000_000 }), ([animation], t) => {
      const quiet = compileAnimation('e', animation!, DEFAULT_RATES, true);
      const { x, y, scale, turn } = sampleAnimation(quiet, t);
      expect({ x, y, scale, turn }).toEqual(
        animation!.repeat ? { x: 0, y: 0, scale: 1, turn: 0 } : pick(sampleAnimation(quiet, t + 9_000_000)),
      );
    }),
  );
});
const pick = ({ x, y, scale, turn }: ReturnType<typeof sampleAnimation>) => ({ x, y, scale, turn });

test('every animation gives numbers at every time', () => {
  fc.assert(
    fc.property(anyAnimations, fc.integer({ min: 0, max: 4_000_000 }), ([animation], t) => {
      const made = compileAnimation('e', animation!, DEFAULT_RATES, false);
      for (const value of Object.values(pick(sampleAnimation(made, t)))) expect(value).not.toBeNaN();
      expect(endOf(made)).toBeGreaterThanOrEqual(made.span);
    }),
  );
});

test('six frames of 0.8 s and a last of 1.6 s take 6.4 s', () => {
  const frames = compileFrames(
    {
      frames: Array.from({ length: 6 }, (_, i) => ({ text: `${i}`, hold: '0.8 s' })),
      last: { text: 'Lit', hold: '1.6 s' },
    },
    DEFAULT_RATES,
  );
  expect(lengthOf(frames)).toBe(6_400_000);
  expect([0, 799_999, 800_000, 4_799_999, 4_800_000, 9_000_000].map((t) => frameAt(frames, t))).toEqual([
    0,
    0,
    1,
    5,
    'last',
    'last',
  ]);
});

test('frames without a last go round; some frame is shown at every time', () => {
  fc.assert(
    fc.property(anyFrames, fc.integer({ min: 0, max: 9_000_000 }), (frames, t) => {
      const made = compileFrames(frames, DEFAULT_RATES);
      const at = frameAt(made, t);
      if (at !== 'last') expect(at).toBeLessThan(frames.frames.length);
      if (!frames.last && !frames.rounds && !frames.shuffled && made.round > 0)
        expect(frameAt(made, t + made.round)).toBe(at);
    }),
  );
});

test('a keyframe set at a moment is there at that moment, and nothing else of the element has changed then', () => {
  fc.assert(
    fc.property(
      fc.option(anyAnimations, { nil: undefined }),
      fc.integer({ min: 0, max: 5000 }),
      fc.integer({ min: -500, max: 500 }),
      (before, ms, x) => {
        const known = before?.find((animation) => animation.on === 'arrival');
        if (known?.delay || known?.repeat) return;
        const after = withKeyframe(before, ms * 1000, { x }, DEFAULT_RATES, 'new' as Id);
        const set = after.find((animation) => animation.on === 'arrival')!;
        const made = compileAnimation('e', set, DEFAULT_RATES, false);
        expect(sampleAnimation(made, ms * 1000).x).toBeCloseTo(x, 3);
        expect(after.filter((animation) => animation !== set)).toEqual(
          (before ?? []).filter((animation) => animation !== known),
        );
      },
    ),
  );
});

test('what was not animated before begins at rest', () => {
  expect(withKeyframe(undefined, 1_500_000, { x: 40 }, DEFAULT_RATES, 'a')).toEqual([
    {
      id: 'a',
      on: 'arrival',
      frames: [
        { at: '0 s', easing: 'ease-in-out', x: 0 },
        { at: '1.5 s', x: 40 },
      ],
    },
  ]);
});
