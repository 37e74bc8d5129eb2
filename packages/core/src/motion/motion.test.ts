import fc from 'fast-check';
import { DEFAULT_RATES, type Easing, type Edge, type Motion } from '../model';
import {
  AT_REST,
  compileMotion,
  ease,
  sampleEntering,
  sampleLeaving,
  stretchHalf,
  type Half,
  type Sample,
} from '.';

const EASINGS: Easing[] = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'];
const easing = fc.constantFrom(...EASINGS);
const motion: fc.Arbitrary<Motion> = fc.oneof(
  fc.record({ name: fc.constant('fade' as const), duration: fc.constant('280 ms'), easing }),
  fc.record({
    name: fc.constant('slide' as const),
    from: fc.constantFrom<Edge>('left', 'right', 'top', 'bottom'),
    duration: fc.constant('280 ms'),
    easing,
  }),
);
const half = fc
  .tuple(motion, fc.constantFrom('base' as const, 'overlay' as const))
  .map(([each, layer]) => compileMotion(each, layer, DEFAULT_RATES));
const same = (a: Sample, b: Sample) => {
  for (const key of Object.keys(AT_REST) as (keyof Sample)[]) expect(a[key]).toBeCloseTo(b[key], 9);
};
const time = fc.integer({ min: 0, max: 280_000 });

test.each(EASINGS)('%s begins at 0, ends at 1 and rises', (name) => {
  expect([ease(name, 0), ease(name, 1)]).toEqual([0, 1]);
  for (let p = 0.05; p <= 1; p += 0.05) expect(ease(name, p)).toBeGreaterThan(ease(name, p - 0.05));
});

test('ease-in-out is half way at half time', () => expect(ease('ease-in-out', 0.5)).toBeCloseTo(0.5, 9));

test('leaving is entering backwards', () => {
  fc.assert(
    fc.property(half, time, (each, t) =>
      same(sampleLeaving(each, t), sampleEntering(each, each.duration - t)),
    ),
  );
});

test('entering ends at rest, and leaving begins there', () => {
  fc.assert(
    fc.property(half, (each) => {
      same(sampleEntering(each, each.duration), AT_REST);
      same(sampleLeaving(each, 0), AT_REST);
    }),
  );
});

test('a motion cut short goes on from where it was', () => {
  fc.assert(
    fc.property(half, half, time, (first, second, t) => {
      const at = sampleEntering(first, t);
      same(sampleLeaving(second, 0, at), at);
      const gone = sampleLeaving(first, t);
      same(sampleEntering(second, 0, gone), gone);
      same(sampleEntering(second, second.duration, gone), AT_REST);
    }),
  );
});

test('a half played in another time passes through the same pictures', () => {
  fc.assert(
    fc.property(half, time, (each: Half, t) =>
      same(sampleEntering(stretchHalf(each, 140_000), t / 2), sampleEntering(each, t)),
    ),
  );
});

test('a base slides whole; an overlay slides its elements while its background fades', () => {
  const slide: Motion = { name: 'slide', from: 'bottom', duration: '100 ms', easing: 'linear' };
  expect(sampleEntering(compileMotion(slide, 'base', DEFAULT_RATES), 25_000)).toMatchObject({
    y: 0.75,
    background: 1,
  });
  expect(sampleEntering(compileMotion(slide, 'overlay', DEFAULT_RATES), 25_000)).toMatchObject({
    y: 0,
    contentY: 0.75,
    background: 0.25,
  });
});
