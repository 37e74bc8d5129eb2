import fc from 'fast-check';
import {
  CHANGES,
  type Animation,
  type Duration,
  type Edge,
  type Loading,
  type MadeMotion,
  type Motion,
  type SimpleMotion,
  type TextFrames,
} from '../model';

/** Random motions, animations and loading, with what they name there and gone. */

/** What was left out is not there at all, as in a file. */
export const lean = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined, freq: 3 });

export const duration: fc.Arbitrary<Duration> = fc.oneof(
  fc.constantFrom('0 ms', '100 ms', '280 ms', '0.5 s', '3 frames', '90 ticks'),
  fc.integer({ min: 0, max: 900 }).map((n) => `${n} ms`),
);
export const easing = fc.constantFrom(
  'linear',
  'ease',
  'ease-in',
  'ease-out',
  'ease-in-out',
  'cubic-bezier(0.2, -0.4, 0.1, 1.3)',
  'steps(4)',
  'steps(3, jump-both)',
  'linear(0, 0.4 20%, 1)',
);
const stagger = fc.record({
  by: fc.constantFrom('0 ms', '40 ms', '90 ms'),
  order: fc.constantFrom('order' as const, 'place' as const, 'distance' as const),
});
const timed = { duration, delay: maybe(duration), easing: maybe(easing), stagger: maybe(stagger) };
const edge = fc.constantFrom<Edge>('left', 'right', 'top', 'bottom');
const simple = fc
  .oneof(
    fc.constant({ name: 'none' }),
    fc.record({ name: fc.constant('fade'), ...timed }),
    fc.record({ name: fc.constant('slide'), from: edge, by: maybe(fc.constantFrom(40, '20%')), ...timed }),
    fc.record({ name: fc.constant('grow'), scale: maybe(fc.constantFrom(0, 0.5, 1.2)), ...timed }),
    fc.record({ name: fc.constant('blur'), strength: maybe(fc.constantFrom(0, 18)), ...timed }),
    fc.record({ name: fc.constant('made'), motion: fc.constantFrom('m0', 'm1', 'gone') }),
  )
  .map((item) => lean(item) as unknown as SimpleMotion);
export const anyMotion: fc.Arbitrary<Motion> = fc
  .tuple(simple, maybe(simple))
  .map(([each, leaving]) => lean({ ...each, leaving }) as unknown as Motion);

const track = fc
  .record({
    of: fc.constantFrom('screen', 'background', 'elements', { named: 'b0' }, { named: 'nobody' }),
    change: fc.constantFrom(...CHANGES),
    from: fc.constantFrom(0, 0.5, -40),
    to: maybe(fc.constantFrom(1, 0)),
    ...timed,
  })
  .map(lean);
export const anyMade = (id: string): fc.Arbitrary<MadeMotion> =>
  fc
    .record({
      id: fc.constant(id),
      name: fc.constant(id),
      tracks: fc.array(track, { maxLength: 3 }),
      leaving: maybe(fc.array(track, { maxLength: 2 })),
      reduced: maybe(simple),
    })
    .map((item) => lean(item) as unknown as MadeMotion);

const keyframe = fc
  .record({
    at: duration,
    x: maybe(fc.integer({ min: -90, max: 90 })),
    scale: maybe(fc.constantFrom(0, 0.5, 2)),
    turn: maybe(fc.constantFrom(-90, 360)),
    opacity: maybe(fc.constantFrom(0, 0.5, 1)),
    tint: maybe(fc.constantFrom('#ff0000', '#00ff0080', 'c-sea', 'c-gone')),
    easing: maybe(easing),
  })
  .map(lean);
export const anyAnimations = fc.array(
  fc
    .record({
      id: fc.constant('a0'),
      on: fc.constantFrom('arrival', 'focus', 'press', { event: 'g0' }),
      delay: maybe(duration),
      repeat: maybe(fc.constantFrom('loop', 'there and back')),
      frames: fc.array(keyframe, { maxLength: 3 }),
    })
    .map((item) => lean(item) as unknown as Animation),
  { minLength: 1, maxLength: 1 },
);

const textFrame = fc.record({ text: fc.constantFrom('Loading', 'Oil {oil}', ''), hold: duration });
export const anyFrames = fc
  .record({
    frames: fc.array(textFrame, { maxLength: 3 }),
    shuffled: maybe(fc.constant(true)),
    rounds: maybe(fc.integer({ min: 1, max: 3 })),
    last: maybe(textFrame),
  })
  .map((item) => lean(item) as unknown as TextFrames);

export const anyLoading: fc.Arbitrary<Loading> = fc
  .oneof(
    fc.record({
      by: fc.constant('pretending'),
      lasts: duration,
      shape: maybe(easing),
      limit: maybe(duration),
    }),
    fc.record({
      by: fc.constant('events'),
      progress: maybe(fc.constantFrom('g0', 'g1')),
      field: maybe(fc.constant('asked')),
      done: maybe(fc.constant('g2')),
      failed: maybe(fc.constantFrom('g0', 'gone')),
      limit: maybe(duration),
    }),
  )
  .map((item) => lean(item) as unknown as Loading);
