import fc from 'fast-check';
import { halfOf, sampleEntering, sampleLeaving, stretchHalf, type Half, type Sample } from './sample';

/** What a half shows at a moment, worked out track by track from what is said of it. */

const KEYS = ['screen opacity', 'content x', 'b0 scale'];
const REST: Record<string, number> = { 'screen opacity': 1, 'content x': 0, 'b0 scale': 1 };
const micros = fc.integer({ min: 0, max: 12 }).map((n) => n * 50_000);
const track = fc.record({
  key: fc.constantFrom(...KEYS),
  from: fc.integer({ min: -4, max: 4 }),
  to: fc.integer({ min: -4, max: 4 }),
  delay: micros,
  duration: micros,
  easing: fc.constant('linear'),
});
const tracks = fc.array(track, { maxLength: 6 });
const start = fc.option(
  fc.dictionary(fc.constantFrom(...KEYS), fc.integer({ min: -9, max: 9 }), { noNullPrototype: true }),
  { nil: null },
);

/** The value of one property: of those that have begun the last counts, and before any of them the first’s beginning. */
function told(all: Half['tracks'], key: string, at: number, from: Sample | null): number | undefined {
  const own = all.filter((one) => one.key === key);
  if (own.length === 0) return undefined;
  const earliest = Math.min(...own.map(({ delay }) => delay));
  // Of those that begin at one time, the later in the list.
  const begun = own.filter(({ delay }) => delay <= at);
  const latest = Math.max(...begun.map(({ delay }) => delay));
  const now = begun.filter(({ delay }) => delay === latest).at(-1);
  const one = now ?? own.find(({ delay }) => delay === earliest)!;
  const begins = one.delay === earliest && from ? (from[key] ?? REST[key]!) : one.from;
  if (!now) return begins;
  const share = one.duration === 0 ? 1 : Math.min(1, (at - one.delay) / one.duration);
  return begins * (1 - share) + one.to * share;
}

test('of several tracks of a property the last that has begun counts, the first goes on from where it was', () => {
  fc.assert(
    fc.property(tracks, micros, start, (all, at, from) => {
      const half = halfOf(all);
      const shown = sampleLeaving(half, at, from);
      for (const key of KEYS) {
        const expected = told(all, key, at, from) ?? from?.[key];
        if (expected === undefined) expect(shown).not.toHaveProperty([key]);
        else expect(shown[key]).toBeCloseTo(expected, 9);
      }
    }),
    { numRuns: 400 },
  );
});

test('what a half does not move comes to rest in a straight line over all of it', () => {
  fc.assert(
    fc.property(tracks, micros, start, (all, at, from) => {
      const half = halfOf(all);
      const shown = sampleEntering(half, at, from);
      const end = Math.max(0, ...all.map(({ delay, duration }) => delay + duration));
      expect(half.duration).toBe(end);
      for (const key of Object.keys(from ?? {}).filter((name) => !all.some((one) => one.key === name))) {
        const share = end === 0 ? 1 : Math.min(1, at / end);
        expect(shown[key]).toBeCloseTo(from![key]! * (1 - share) + REST[key]! * share, 9);
      }
    }),
    { numRuns: 200 },
  );
});

test('stretched, every track begins and lasts so many times as long; at its own time, or with none, it is as it was', () => {
  const half = halfOf([
    { key: 'screen opacity', from: 0, to: 1, delay: 100_000, duration: 300_000, easing: 'linear' },
    { key: 'content x', from: 1, to: 0, delay: 0, duration: 200_000, easing: 'linear' },
  ]);
  expect(stretchHalf(half, 400_000)).toBe(half);
  const twice = stretchHalf(half, 800_000);
  expect(twice.duration).toBe(800_000);
  expect(twice.tracks.map(({ key, delay, duration }) => [key, delay, duration])).toEqual([
    ['content x', 0, 400_000],
    ['screen opacity', 200_000, 600_000],
  ]);
  const none = halfOf([]);
  expect(stretchHalf(none, 500_000)).toBe(none);
});
