import fc from 'fast-check';
import { DEFAULT_RATES, type Layer, type Motion, type MotionTrack, type SimpleMotion } from '../model';
import { anyMade, anyMotion, easing } from '../test/motions';
import {
  AT_REST,
  compileMotion,
  ease,
  enteringHalf,
  leavingHalf,
  readEasing,
  restOf,
  reversedEasing,
  reversedMotion,
  reversedTracks,
  sampleEntering,
  sampleLeaving,
  stretchHalf,
  type Half,
  type Sample,
} from '.';

const rect = (x: number, y: number) => ({ x, y, width: 100, height: 40 });
const ON_IT = [
  { id: 'a', name: 'Anchor', rect: rect(0, 300) },
  { id: 'b', name: 'b0', rect: rect(0, 100) },
  { id: 'c', name: 'Crest', rect: rect(500, 200) },
];
const NEEDS = { rates: DEFAULT_RATES, motions: [] };
const layer = fc.constantFrom<Layer>('base', 'overlay', 'notice', 'hud');
const halves = fc
  .tuple(anyMotion, layer, fc.tuple(anyMade('m0'), anyMade('m1')))
  .map(([motion, on, motions]) => compileMotion(motion, on, { rates: DEFAULT_RATES, motions }));
const half = halves.map((half) => enteringHalf(half, ON_IT, { x: 510, y: 210 }));
const simpleHalf = fc
  .tuple(anyMotion, layer)
  .map(([motion, on]) => enteringHalf(compileMotion(motion, on, NEEDS), ON_IT, null));
/** What is not named is at rest. */
const same = (a: Sample, b: Sample) => {
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
    expect(a[key] ?? restOf(key)).toBeCloseTo(b[key] ?? restOf(key), 6);
};
const time = fc.integer({ min: 0, max: 2_000_000 });
const entering = (motion: Motion, on: Layer = 'base') =>
  enteringHalf(compileMotion(motion, on, NEEDS), ON_IT, null);

test.each(['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'])(
  '%s begins at 0, ends at 1 and rises',
  (name) => {
    expect([ease(name, 0), ease(name, 1)]).toEqual([0, 1]);
    for (let p = 0.05; p <= 1; p += 0.05) expect(ease(name, p)).toBeGreaterThan(ease(name, p - 0.05));
  },
);

test('ease-in-out is half way at half time', () => expect(ease('ease-in-out', 0.5)).toBeCloseTo(0.5, 9));

// The values of the standard's own examples.
test.each([
  ['steps(4)', 0.3, 0.25],
  ['steps(4, jump-start)', 0.3, 0.5],
  ['steps(3, jump-none)', 0.5, 0.5],
  ['steps(3, jump-both)', 0, 0.25],
  ['step-start', 0, 1],
  ['step-end', 0.99, 0],
  ['linear(0, 0.25, 1)', 0.75, 0.625],
  ['linear(0, 0.25 75%, 1)', 0.375, 0.125],
  ['linear(0, 0.5 25% 75%, 1)', 0.5, 0.5],
  ['cubic-bezier(0, 0, 1, 1)', 0.3, 0.3],
])('%s at %d is %d', (name, p, is) => {
  expect(readEasing(name)).toEqual({ ok: name });
  expect(ease(name, p)).toBeCloseTo(is, 9);
});

test.each([
  '',
  'easy',
  'cubic-bezier(2, 0, 0, 1)',
  'steps(0)',
  'steps(1, jump-none)',
  'linear(1)',
  'linear(a, b)',
])('“%s” is refused with words', (text) => expect(readEasing(text)).toHaveProperty('error'));

test('every easing gives a number, forwards and backwards, and backwards ends where it begins', () => {
  fc.assert(
    fc.property(easing, fc.double({ min: 0, max: 1, noNaN: true }), (name, p) => {
      expect(Number.isFinite(ease(name, p))).toBe(true);
      expect(ease(name, p, true)).toBeCloseTo(1 - ease(name, 1 - p), 9);
    }),
  );
});

test('leaving without a half of its own is entering backwards', () => {
  fc.assert(
    fc.property(anyMotion, layer, time, ({ leaving: _, ...motion }, on, t) => {
      const compiled = compileMotion(motion as Motion, on, NEEDS);
      const coming = enteringHalf(compiled, ON_IT, null);
      const going = leavingHalf(compiled, ON_IT, null);
      // It is over as soon as nothing is seen any more.
      expect(going.duration).toBeLessThanOrEqual(coming.duration);
      const at = Math.min(t, coming.duration);
      // At the very moment of a jump, forwards has it and backwards has it not yet.
      const jumps = coming.tracks.some(
        (track) =>
          /step/.test(track.easing) ||
          track.duration === 0 ||
          Math.abs(track.delay + track.duration - at) < 1,
      );
      if (!jumps) same(sampleLeaving(going, coming.duration - at), sampleEntering(coming, at));
    }),
  );
});

/** The same motion at an even pace, so that its ways there and back are each other's mirror. */
const evenly = (motion: SimpleMotion): SimpleMotion =>
  'duration' in motion ? { ...motion, easing: 'linear', stagger: undefined, delay: undefined } : motion;

test('a half given for leaving begins at rest and ends where one that comes begins', () => {
  fc.assert(
    fc.property(anyMotion, anyMotion, layer, ({ leaving: _, ...motion }, { leaving: __, ...given }, on) => {
      const leaving = evenly(given as SimpleMotion);
      const going = leavingHalf(
        compileMotion({ ...(motion as SimpleMotion), leaving }, on, NEEDS),
        ON_IT,
        null,
      );
      const coming = enteringHalf(compileMotion(leaving, on, NEEDS), ON_IT, null);
      expect(going.duration).toBe(coming.duration);
      if (going.duration === 0) return;
      for (const share of [0, 0.25, 0.5, 0.75, 1])
        same(
          sampleLeaving(going, going.duration * share),
          sampleEntering(coming, going.duration * (1 - share)),
        );
    }),
  );
});

test('what is given for leaving is slow at first and in its own order, unless a pace is given', () => {
  const slide = { name: 'slide', from: 'bottom', duration: '100 ms' } as const;
  const going = (leaving: SimpleMotion) =>
    leavingHalf(compileMotion({ name: 'none', leaving }, 'base', NEEDS), ON_IT, null);
  const down = (leaving: SimpleMotion): number => sampleLeaving(going(leaving), 25_000)['screen down']!;
  expect(down(slide)).toBeLessThan(0.25);
  expect(down({ ...slide, easing: 'ease-out' })).toBeGreaterThan(0.25);
  const { tracks } = going({ ...slide, stagger: { by: '50 ms', order: 'order' } });
  expect(
    tracks
      .filter(({ key }) => key.endsWith(' down'))
      .map(({ key, delay, from, to }) => [key, delay, from, to]),
  ).toEqual([
    ['a down', 0, 0, 1],
    ['b down', 50_000, 0, 1],
    ['c down', 100_000, 0, 1],
  ]);
});

test('entering ends at rest, and leaving begins there', () => {
  fc.assert(
    fc.property(simpleHalf, (half) => {
      same(sampleEntering(half, half.duration), AT_REST);
    }),
  );
});

test('a motion cut short goes on from where it was', () => {
  fc.assert(
    fc.property(half, halves, time, (first, second, t) => {
      const at = sampleEntering(first, t);
      const going = leavingHalf(second, ON_IT, null);
      const still = going.tracks.every((track) => track.duration > 0 && !/step/.test(track.easing));
      if (still) same(sampleLeaving(going, 0, at), at);
      const coming = enteringHalf(second, ON_IT, null);
      const smooth =
        coming.duration > 0 &&
        coming.tracks.every((track) => track.duration > 0 && !/step/.test(track.easing));
      if (smooth) same(sampleEntering(coming, 0, at), at);
    }),
  );
});

test('of two tracks that begin together the one that counts goes on from where it was, too', () => {
  const track = (from: number, duration: number) =>
    ({ key: 'background down', from, to: 0, delay: 0, duration, easing: 'linear' }) as Half['tracks'][number];
  const both: Half = { tracks: [track(0, 50_000), track(-40, 100_000)], duration: 100_000 };
  const down = (elapsed: number) =>
    sampleEntering(both, elapsed, { 'background down': 10 })['background down'];
  expect([0, 50_000, 100_000].map(down)).toEqual([10, 5, 0]);
});

test('a half played in another time passes through the same pictures', () => {
  fc.assert(
    fc.property(fc.constantFrom<SimpleMotion['name']>('fade', 'slide', 'grow', 'blur'), time, (name, t) => {
      const each: Half = entering({ name, from: 'left', duration: '280 ms', delay: '20 ms' } as Motion);
      const at = t % 300_000;
      same(sampleEntering(stretchHalf(each, 150_000), at / 2), sampleEntering(each, at));
    }),
  );
});

test('a base slides whole; over what is beneath, what lies on a screen slides while its background fades', () => {
  const slide: Motion = { name: 'slide', from: 'bottom', duration: '100 ms', easing: 'linear' };
  expect(sampleEntering(entering(slide), 25_000)).toEqual({ 'screen down': 0.75 });
  expect(sampleEntering(entering(slide, 'overlay'), 25_000)).toEqual({
    'content down': 0.75,
    'background opacity': 0.25,
  });
});

test('by an offset it fades as well; growing and softness do so too', () => {
  const linear = { duration: '100 ms', easing: 'linear' };
  expect(sampleEntering(entering({ name: 'slide', from: 'left', by: 40, ...linear }), 25_000)).toEqual({
    'screen x': -30,
    'screen opacity': 0.25,
  });
  expect(sampleEntering(entering({ name: 'grow', scale: 0.6, ...linear }), 50_000)).toEqual({
    'screen scale': 0.8,
    'screen opacity': 0.5,
  });
  expect(sampleEntering(entering({ name: 'blur', strength: 10, ...linear }), 50_000)).toEqual({
    'screen blur': 5,
    'screen opacity': 0.5,
  });
});

test.each([
  ['order', ['a', 'b', 'c']],
  ['place', ['b', 'c', 'a']],
  ['distance', ['c', 'b', 'a']],
] as const)('elements come in turn by %s', (order, ids) => {
  const motion: Motion = { name: 'fade', duration: '100 ms', stagger: { by: '50 ms', order } };
  const { tracks, duration } = enteringHalf(compileMotion(motion, 'base', NEEDS), ON_IT, { x: 550, y: 200 });
  expect(duration).toBe(200_000);
  const delays = Object.fromEntries(tracks.map((track) => [track.key, track.delay]));
  expect(ids.map((id) => delays[`${id} opacity`])).toEqual([0, 50_000, 100_000]);
  expect(delays['background opacity']).toBe(0);
});

test('a made motion moves what it names, an element by its name; leaving may have tracks of its own', () => {
  const motions = [
    {
      id: 'm',
      name: 'Rise',
      tracks: [
        {
          of: { named: 'Crest' },
          change: 'down' as const,
          from: '10%',
          duration: '100 ms',
          easing: 'linear',
        },
        {
          of: 'background' as const,
          change: 'opacity' as const,
          from: 0,
          duration: '200 ms',
          easing: 'linear',
        },
      ],
      leaving: [{ of: 'screen' as const, change: 'opacity' as const, from: 1, to: 0, duration: '60 ms' }],
    },
  ];
  const made = compileMotion({ name: 'made', motion: 'm' }, 'overlay', { rates: DEFAULT_RATES, motions });
  expect(sampleEntering(enteringHalf(made, ON_IT, null), 50_000)).toEqual({
    'c down': 0.05,
    'background opacity': 0.25,
  });
  expect(leavingHalf(made, ON_IT, null)).toMatchObject({ duration: 60_000, tracks: [{ from: 1, to: 0 }] });
});

test('where less motion is wished for nothing moves, and fades stay', () => {
  fc.assert(
    fc.property(anyMotion, layer, fc.tuple(anyMade('m0'), anyMade('m1')), (motion, on, motions) => {
      const quiet = compileMotion(motion, on, { rates: DEFAULT_RATES, motions }, true);
      for (const { tracks } of [enteringHalf(quiet, ON_IT, null), leavingHalf(quiet, ON_IT, null)])
        for (const { key } of tracks) expect(key).toMatch(/ opacity$/);
    }),
  );
});

test('a leaving half that reverses an arrival looks like the arrival played backwards', () => {
  const plain = anyMotion.map(({ leaving: _, ...motion }) => {
    const {
      delay: __,
      stagger: ___,
      ...rest
    } = motion as SimpleMotion & { delay?: string; stagger?: object };
    return rest as SimpleMotion;
  });
  fc.assert(
    fc.property(plain, layer, fc.double({ min: 0, max: 1, noNaN: true }), (motion, on, p) => {
      fc.pre(
        motion.name !== 'made' && !/steps|step-|linear\(/.test((motion as { easing?: string }).easing ?? ''),
      );
      const backwards = leavingHalf(compileMotion(motion, on, NEEDS), ON_IT, null);
      const own = leavingHalf(
        compileMotion({ ...motion, leaving: reversedMotion(motion) }, on, NEEDS),
        ON_IT,
        null,
      );
      expect(own.duration).toBe(backwards.duration);
      const at = Math.round(p * own.duration);
      const [a, b] = [sampleLeaving(own, at), sampleLeaving(backwards, at)];
      for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
        expect(a[key] ?? restOf(key)).toBeCloseTo(b[key] ?? restOf(key), 3);
    }),
  );
});

test('an easing reversed twice is itself; the named ones have their opposites', () => {
  expect(reversedEasing('ease-out')).toBe('ease-in');
  expect(reversedEasing('ease-in-out')).toBe('ease-in-out');
  expect(reversedEasing('ease')).toBe('cubic-bezier(0.75, 0, 0.75, 0.9)');
  expect(reversedEasing('steps(4)')).toBe('steps(4)');
  fc.assert(
    fc.property(easing, fc.double({ min: 0, max: 1, noNaN: true }), (curve, p) => {
      expect(ease(reversedEasing(reversedEasing(curve)), p)).toBeCloseTo(ease(curve, p), 2);
    }),
  );
});

test('the tracks of an arrival, reversed, look like the arrival played backwards', () => {
  const curve = fc.constantFrom('linear', 'ease', 'ease-in', 'ease-out', 'cubic-bezier(0.2, 0, 0.1, 1)');
  const made = anyMade('m').map((motion) => ({
    ...motion,
    leaving: undefined,
    // One track a property, since of several the one that began last counts; none of an element that is not there.
    tracks: motion.tracks
      .filter(({ change }, i, all) => all.findIndex((other) => other.change === change) === i)
      .filter(({ of }) => typeof of === 'string' || of.named === 'b0')
      .map(({ stagger: _, ...track }) => track),
  }));
  fc.assert(
    fc.property(made, curve, layer, fc.double({ min: 0, max: 1, noNaN: true }), (motion, easing, on, p) => {
      const tracks = motion.tracks.map((track) => ({ ...track, easing }));
      const half = (leaving?: MotionTrack[]): Half =>
        leavingHalf(
          compileMotion({ name: 'made', motion: 'm' }, on, {
            rates: DEFAULT_RATES,
            motions: [{ ...motion, tracks, ...(leaving ? { leaving } : {}) }],
          }),
          ON_IT,
          null,
        );
      const [backwards, own] = [half(), half(reversedTracks(tracks, DEFAULT_RATES))];
      expect(own.duration).toBe(backwards.duration);
      const at = Math.round(p * own.duration);
      const [a, b] = [sampleLeaving(own, at), sampleLeaving(backwards, at)];
      for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
        expect(a[key] ?? restOf(key)).toBeCloseTo(b[key] ?? restOf(key), 1);
    }),
  );
});
