import { DEFAULT_RATES, type MadeMotion, type Motion } from '../model';
import {
  compileMotion,
  enteringHalf,
  isQuiet,
  leavingHalf,
  NO_MOTION,
  reversedMotion,
  reversedTracks,
  sampleEntering,
} from '.';

/** What authored motions come to, one by one. */

const MADE: MadeMotion = {
  id: 'm',
  name: 'Waves',
  tracks: [
    {
      of: 'elements',
      change: 'down',
      from: '50%',
      duration: '200 ms',
      stagger: { by: '100 ms', order: 'order' },
    },
    { of: 'screen', change: 'turn', from: -400_000, duration: '100 ms', easing: 'linear', delay: '50 ms' },
    { of: 'background', change: 'across', from: 0, to: 30, duration: '100 ms' },
  ],
};
const NEEDS = { rates: DEFAULT_RATES, motions: [MADE] };
const rect = (x: number, y: number, width = 100) => ({ x, y, width, height: 40 });
const ON_IT = [
  { id: 'a', name: 'A', rect: rect(0, 300) },
  { id: 'b', name: 'B', rect: rect(0, 100, 900) },
  { id: 'c', name: 'C', rect: rect(500, 100) },
];
const entering = (motion: Motion, point: { x: number; y: number } | null = null) =>
  enteringHalf(compileMotion(motion, 'base', NEEDS), ON_IT, point);
const made: Motion = { name: 'made', motion: 'm' };

test('only nothing and a fade are quiet', () => {
  expect(isQuiet({ name: 'none' })).toBe(true);
  expect(isQuiet({ name: 'fade', duration: '1 s' })).toBe(true);
  for (const loud of [
    { name: 'blur', duration: '1 s' },
    { name: 'slide', from: 'left', duration: '1 s' },
    made,
  ] as const)
    expect(isQuiet(loud)).toBe(false);
});

test('no motion, one that takes no time, and one that is gone move nothing; one that only waits does', () => {
  expect(entering({ name: 'none' })).toBe(NO_MOTION);
  expect(entering({ name: 'fade', duration: '0 ms' })).toBe(NO_MOTION);
  expect(entering({ name: 'made', motion: 'gone' })).toBe(NO_MOTION);
  const waits = entering({ name: 'fade', duration: '0 ms', delay: '300 ms' });
  expect(waits.duration).toBe(300_000);
  expect(sampleEntering(waits, 299_000)).toEqual({ 'screen opacity': 0 });
});

test('a made motion has its tracks as they are written: in turn, in their measure, within what can be', () => {
  const { tracks } = entering(made);
  expect(
    tracks.map(({ key, from, to, delay, duration, easing }) => [key, from, to, delay, duration, easing]),
  ).toEqual([
    ['a down', 0.5, 0, 0, 200_000, 'ease-out'],
    ['background x', 0, 30, 0, 100_000, 'ease-out'],
    ['screen turn', -100_000, 0, 50_000, 100_000, 'linear'],
    ['b down', 0.5, 0, 100_000, 200_000, 'ease-out'],
    ['c down', 0.5, 0, 200_000, 200_000, 'ease-out'],
  ]);
});

test('elements come in the order they are drawn in, stand in, or are far from where it was pressed', () => {
  const order = (by: 'order' | 'place' | 'press', point: { x: number; y: number } | null = null) =>
    [
      ...entering({ name: 'grow', duration: '100 ms', stagger: { by: '50 ms', order: by as 'order' } }, point)
        .tracks,
    ]
      .filter(({ key }) => key.endsWith(' scale'))
      .sort((a, b) => a.delay - b.delay)
      .map(({ key }) => key[0])
      .join('');
  expect(order('order')).toBe('abc');
  expect(order('place')).toBe('bca');
  expect(order('press')).toBe('bca');
  // By their middles: that of B is at 450, 120, that of C at 550, 120, that of A at 50, 320.
  expect(order('press', { x: 549, y: 120 })).toBe('cba');
  expect(order('press', { x: 460, y: 125 })).toBe('bca');
  expect(order('press', { x: 40, y: 330 })).toBe('abc');
});

test('a made motion that is given for leaving goes by its own leaving tracks, else backwards', () => {
  const leaves = (motions: MadeMotion[]) =>
    leavingHalf(compileMotion({ name: 'none', leaving: made }, 'base', { ...NEEDS, motions }), ON_IT, null);
  const backwards = leaves([MADE]);
  expect(backwards.duration).toBe(400_000);
  expect(backwards.tracks.every((track) => track.backwards)).toBe(true);
  const own = leaves([
    { ...MADE, leaving: [{ of: 'screen', change: 'opacity', from: 1, to: 0, duration: '90 ms' }] },
  ]);
  expect(own.tracks).toEqual([
    { key: 'screen opacity', from: 1, to: 0, delay: 0, duration: 90_000, easing: 'ease-out' },
  ]);
});

test('an arrival is reversed into a half of its own: nothing and made ones stay, the pace of the usual is not written', () => {
  expect(reversedMotion({ name: 'none' })).toEqual({ name: 'none' });
  expect(reversedMotion(made)).toEqual(made);
  expect(reversedMotion({ name: 'fade', duration: '1 s', delay: '2 s' })).toEqual({
    name: 'fade',
    duration: '1 s',
  });
  expect(reversedMotion({ name: 'fade', duration: '1 s', easing: 'ease-in' })).toEqual({
    name: 'fade',
    duration: '1 s',
    easing: 'ease-out',
  });
  expect(
    reversedTracks(
      [
        { of: 'screen', change: 'opacity', from: 0, duration: '100 ms' },
        {
          of: 'background',
          change: 'scale',
          from: 0.5,
          to: 2,
          duration: '50 ms',
          delay: '150 ms',
          easing: 'linear',
        },
      ],
      DEFAULT_RATES,
    ),
  ).toEqual([
    {
      of: 'screen',
      change: 'opacity',
      from: 1,
      to: 0,
      duration: '100 ms',
      easing: 'ease-in',
      delay: '100 ms',
    },
    { of: 'background', change: 'scale', from: 2, to: 0.5, duration: '50 ms', easing: 'linear' },
  ]);
});

test('where less motion is wished for, what moves is a fade of 120 ms, or the quieter variant it has, if that is quiet', () => {
  const reduced = (motion: Motion, motions: MadeMotion[] = []) =>
    compileMotion(motion, 'base', { ...NEEDS, motions }, true).entering.map(
      ({ property, duration, easing }) => [property, duration, easing],
    );
  const usual = [['opacity', 120_000, 'linear']];
  expect(reduced({ name: 'slide', from: 'left', duration: '900 ms' })).toEqual(usual);
  expect(reduced({ name: 'fade', duration: '900 ms' })).toEqual([['opacity', 900_000, 'ease-out']]);
  expect(reduced({ name: 'none' })).toEqual([]);
  expect(reduced(made, [MADE])).toEqual(usual);
  expect(reduced(made, [{ ...MADE, reduced: { name: 'none' } }])).toEqual([]);
  expect(reduced(made, [{ ...MADE, reduced: { name: 'blur', duration: '1 s' } }])).toEqual(usual);
});
