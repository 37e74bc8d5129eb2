import fc from 'fast-check';
import type {
  Cue,
  Duration,
  Edge,
  Effect,
  Element,
  Link,
  Motion,
  Order,
  Project,
  Screen,
  Target,
} from '../model';
import type { Input } from '../run';
import { buttonOf, projectOf } from './flows';

/** Random projects and inputs: small ranges of names and times, so that things meet. */

const SCREENS = ['s0', 's1', 's2', 's3', 's4', 's5'];
const BUTTONS = ['b0', 'b1', 'b2'];
const EVENTS = ['g0', 'g1', 'g2'];
const ACTIONS = ['confirm', 'menu', 'back', 'up', 'down', 'next'];
const CODES = ['Enter', 'Escape', 'Backspace', 'ArrowUp', 'ArrowDown', 'KeyE', 'KeyZ'];

const duration: fc.Arbitrary<Duration> = fc.oneof(
  fc.constantFrom('0 ms', '100 ms', '280 ms', '0.5 s', '3 frames', '90 ticks'),
  fc.integer({ min: 0, max: 900 }).map((n) => `${n} ms`),
);
const colour = fc.constantFrom('#102030', '#10203080', '#ffffff');
const edge = fc.constantFrom<Edge>('left', 'right', 'top', 'bottom');
const motion: fc.Arbitrary<Motion> = fc.oneof(
  fc.constant<Motion>({ name: 'none' }),
  duration.map((each): Motion => ({ name: 'fade', duration: each })),
  fc
    .tuple(edge, duration)
    .map(([from, each]): Motion => ({ name: 'slide', from, duration: each, easing: 'linear' })),
);
const order: fc.Arbitrary<Order> = fc.oneof(
  fc.constantFrom<Order>('after', 'together'),
  duration.map((overlap): Order => ({ overlap })),
);
const masked = fc.constantFrom('ignored' as const, 'held' as const, 'through' as const);
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined, freq: 3 });

/** Takes out what is undefined, which JSON has no word for. */
const lean = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, each]) => each !== undefined)) as T;

const length = fc.oneof(
  fc.integer({ min: -200, max: 600 }),
  fc.integer({ min: 0, max: 100 }).map((n) => `${n}%`),
);
const axis = fc.oneof(
  fc.record({
    at: fc.constantFrom('start' as const, 'centre' as const, 'end' as const),
    offset: length,
    size: length,
  }),
  fc.record({ at: fc.constant('stretch' as const), offset: length, far: length }),
);
const textUse = fc.record({
  style: fc.constantFrom('t-body', 'gone'),
  size: fc.integer({ min: 8, max: 90 }),
});
const element: fc.Arbitrary<Element> = fc.oneof(
  fc.constantFrom(...BUTTONS).map((id) => buttonOf(id, 100 + BUTTONS.indexOf(id) * 96)),
  fc.record({
    id: fc.constantFrom('t0', 't1'),
    name: fc.constant('Text'),
    type: fc.constant('text' as const),
    parent: fc.constantFrom(null, 'p0'),
    place: fc.record({ x: axis, y: axis }),
    text: fc.string({ maxLength: 60 }),
    look: textUse,
  }),
  fc.record({
    id: fc.constant('p0'),
    name: fc.constant('Panel'),
    type: fc.constant('panel' as const),
    parent: fc.constant(null),
    place: fc.record({ x: axis, y: axis }),
    opacity: fc.constantFrom(0, 0.5, 1),
    box: fc.record({ style: fc.constant('b-panel'), fill: colour }),
  }),
  fc.record({
    id: fc.constant('i0'),
    name: fc.constant('Picture'),
    type: fc.constant('picture' as const),
    parent: fc.constant(null),
    place: fc.record({ x: axis, y: axis }),
    asset: fc.constant(null),
    fit: fc.constantFrom('contain' as const, 'cover' as const),
  }),
);

const screen = (id: string): fc.Arbitrary<Screen> =>
  fc
    .record({
      id: fc.constant(id),
      name: fc.constant(id.toUpperCase()),
      kind: fc.constantFrom('splash', 'title', 'play', 'pause', 'custom', 'game over'),
      layer: fc.constantFrom('base', 'base', 'overlay', 'overlay', 'notice'),
      modal: maybe(fc.boolean()),
      remembers: maybe(fc.boolean()),
      releases: maybe(fc.constantFrom('settled', 'at once')),
      least: maybe(duration),
      lasts: maybe(duration),
      motion: maybe(motion),
      background: fc.record({ colour }),
      elements: fc.uniqueArray(element, { maxLength: 4, selector: (each) => each.id }),
    })
    .map((each) => lean(each) as Screen);

const cue: fc.Arbitrary<Cue> = fc.oneof(
  fc.constantFrom(...BUTTONS).map((each): Cue => ({ on: 'press', element: each })),
  fc
    .tuple(
      fc.constantFrom(...ACTIONS),
      fc.constantFrom('down' as const, 'down' as const, 'up' as const, 'held' as const),
    )
    .map(([action, when]): Cue => ({
      on: 'action',
      action,
      when,
      ...(when === 'held' ? { hold: '300 ms' } : {}),
    })),
  fc.constantFrom(...EVENTS).map((each): Cue => ({ on: 'event', event: each })),
  fc.record({
    on: fc.constant('time' as const),
    after: duration,
    since: fc.constantFrom('taken' as const, 'shown' as const, 'settled' as const),
    clock: fc.constantFrom('interface' as const, 'game' as const),
    covered: fc.constantFrom('counts' as const, 'waits' as const),
  }),
  fc.constant<Cue>({ on: 'arrival' }),
);
const target: fc.Arbitrary<Target> = fc.oneof(
  { weight: 8, arbitrary: fc.constantFrom(...SCREENS).map((each): Target => ({ screen: each })) },
  { weight: 1, arbitrary: fc.constantFrom('Attic', 'S1').map((gap): Target => ({ gap })) },
);
const effect: fc.Arbitrary<Effect> = fc.oneof(
  fc.constantFrom(...SCREENS).map((each): Effect => ({ do: 'notice', screen: each })),
  fc.constantFrom(...SCREENS).map((each): Effect => ({ do: 'clear notice', screen: each })),
  fc.constantFrom(...EVENTS).map((each): Effect => ({ do: 'send', event: each })),
);
const linkOf = (n: number): fc.Arbitrary<Link> =>
  fc
    .record({
      id: fc.constant(`l${n}`),
      from: fc.constantFrom('project', ...SCREENS),
      cue,
      kind: fc.constantFrom('go', 'go', 'open', 'open', 'swap', 'back', 'clear', 'stay'),
      to: target,
      effects: fc.array(effect, { maxLength: 2 }),
      motion: maybe(motion),
      order: maybe(order),
      masked: maybe(masked),
    })
    .map((each) => lean(each) as Link);

export const anyProject: fc.Arbitrary<Project> = fc
  .record({
    screens: fc.tuple(...SCREENS.map(screen)),
    links: fc
      .integer({ min: 0, max: 24 })
      .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => linkOf(i)))),
    house: fc.record({ motion, order, masked }),
    keep: fc.subarray(SCREENS, { minLength: 1 }),
    start: fc.constantFrom(...SCREENS, null),
  })
  .map(({ screens, links, house, keep, start }) =>
    projectOf(
      screens.filter((each) => keep.includes(each.id)),
      links,
      {
        house,
        start,
        events: EVENTS.map((id) => ({ id, name: id, direction: 'in' as const })),
      },
    ),
  );

const spot = fc.record({
  serial: fc.integer({ min: 1, max: 12 }),
  element: fc.constantFrom(...BUTTONS, null),
});
export const anyInput: fc.Arbitrary<Input> = fc.oneof(
  fc.record({
    type: fc.constant('key' as const),
    code: fc.constantFrom(...CODES),
    phase: fc.constantFrom('down' as const, 'up' as const),
    repeat: fc.constantFrom(false, false, true),
  }),
  fc.record({
    type: fc.constant('pad' as const),
    button: fc.constantFrom(0, 1, 9, 13),
    phase: fc.constantFrom('down' as const, 'up' as const),
  }),
  fc.record({
    type: fc.constant('pointer' as const),
    device: fc.constantFrom('pointer' as const, 'touch' as const),
    phase: fc.constantFrom('down' as const, 'up' as const, 'move' as const),
    spot: fc.option(spot, { nil: null }),
  }),
  fc.constantFrom(...EVENTS).map((each): Input => ({ type: 'event', event: each })),
  fc.integer({ min: 0, max: 700_000 }).map((pass): Input => ({ type: 'time', pass })),
);
export const anyInputs = fc.array(anyInput, { maxLength: 40 });
