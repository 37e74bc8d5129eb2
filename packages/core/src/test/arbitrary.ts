import fc from 'fast-check';
import {
  blankProject,
  GESTURES,
  WRAPS,
  type Trigger,
  type Effect,
  type Link,
  type Order,
  type Project,
  type Screen,
  type Skin,
  type Target,
  type Value,
} from '../model';
import type { Input } from '../run';
import { anyComponents, anyElements, BUTTONS } from './elements';
import { anyLoading, anyMade, anyMotion as motion, duration, lean } from './motions';
import { anyCrew, anyListInput, anySavedCrew } from './lists';
import { anyNotes } from './notes';
import { anyStep } from './talks';
import { projectOf } from './flows';

/** Random projects and inputs: small ranges of names and times, so that things meet. */

const SCREENS = ['s0', 's1', 's2', 's3', 's4', 's5'];
const EVENTS = ['g0', 'g1', 'g2'];
const ACTIONS = ['confirm', 'menu', 'back', 'up', 'down', 'next'];
const VALUES = ['oil', 'lit', 'grade', 'note'];
const AREAS = ['r0', 'r1'];
/** What some texts go by in other languages. */
const KEYS = [...SCREENS.flatMap((id) => [`${id} t0`, `${id} x0 said`]), 'k0 in0', 'k1 said', 'l0 asked'];
const LANGUAGES = [
  { code: 'en', name: 'English' },
  { code: 'de', name: 'German', ownName: 'Deutsch' },
];
const CODES = ['Enter', 'Escape', 'Backspace', 'ArrowUp', 'ArrowDown', 'KeyE', 'KeyZ'];

const colour = fc.constantFrom('#102030', '#10203080', '#ffffff', 'c-sea');
const order: fc.Arbitrary<Order> = fc.oneof(
  fc.constantFrom<Order>('after', 'together'),
  duration.map((overlap): Order => ({ overlap })),
);
const masked = fc.constantFrom('ignored' as const, 'held' as const, 'through' as const);
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined, freq: 3 });

/** Expressions of each sort, with names that are there, and some that are not or fail. */
const condition = fc.constantFrom(
  'oil < 20',
  'oil >= 10 && lit',
  '!lit',
  'lit || isUp(S1)',
  'grade == "high"',
  'note != ""',
  'isCovered()',
  'cameFrom(S0)',
  'saveExists(1)',
  'asked > 0',
  'oil / 0 > 1',
  'nobody',
  'oil <',
  'all(crew, ready)',
  'any(crew, ping > oil) || lit',
  'count(crew) > 1 && count(crew, ready) < 2',
  'row.ready',
  'hasFailed(crew)',
);
const number = fc.constantFrom(
  'oil + 10',
  'oil - 7',
  '0',
  '100',
  'asked',
  'max(oil, 3)',
  'oil % 3',
  'nobody',
  'count(crew)',
  'sum(crew, ping) + first(crew).ping',
  'row.ping',
);
const setting = fc.oneof(
  number.map((to) => ({ value: 'oil', to })),
  fc.constantFrom('!lit', 'true', 'oil < 20').map((to) => ({ value: 'lit', to })),
  fc.constantFrom('"high"', '"low"', '"none"').map((to) => ({ value: 'grade', to })),
  fc.constantFrom('note + "x"', '""', 'oil').map((to) => ({ value: 'note', to })),
);
const args = fc.option(
  number.map((asked): Record<string, string> => ({ asked })),
  { nil: undefined },
);

const some = fc.constantFrom(...BUTTONS, 't0', 'x0/in0', 'gone');
const focus = fc
  .record({
    next: maybe(
      fc.dictionary(some, fc.record({ down: maybe(some), left: fc.constant(null) }).map(lean), {
        maxKeys: 3,
      }),
    ),
    order: maybe(fc.array(some, { maxLength: 4 })),
    wraps: maybe(fc.constantFrom(...WRAPS)),
  })
  .map(lean);

const screen = (id: string): fc.Arbitrary<Screen> =>
  fc
    .record({
      id: fc.constant(id),
      name: fc.constant(id.toUpperCase()),
      kind: fc.constantFrom('splash', 'title', 'play', 'pause', 'custom', 'game over'),
      layer: fc.constantFrom('base', 'base', 'overlay', 'overlay', 'notice', 'hud'),
      area: maybe(fc.constantFrom(...AREAS)),
      shownWhen: maybe(condition),
      // One that goes by the name of a value hides it.
      parameters: maybe(
        fc
          .constantFrom('asked', 'asked', 'oil')
          .map((name) => [{ id: 'asked', name, type: 'number' as const, min: 0, max: 50 }]),
      ),
      outcomes: maybe(fc.constant([{ id: 'yes', name: 'yes' }])),
      until: maybe(fc.constantFrom('time', 'dismissed', 'replaced', { event: 'g0' })),
      again: maybe(fc.constantFrom('over', 'line', 'ignore', { stack: 2 })),
      above: maybe(fc.constantFrom('base', 'everything')),
      clock: maybe(fc.constantFrom('interface', 'game')),
      covered: maybe(fc.constantFrom('counts', 'waits')),
      scope: maybe(fc.constantFrom('screen', 'area', 'project')),
      modal: maybe(fc.boolean()),
      remembers: maybe(fc.boolean()),
      focus: maybe(focus),
      releases: maybe(fc.constantFrom('settled', 'at once')),
      minTime: maybe(duration),
      lasts: maybe(duration),
      motion: maybe(motion),
      loading: maybe(anyLoading),
      status: maybe(fc.constantFrom('for review', 'done')),
      notes: maybe(anyNotes),
      background: fc.record({
        colour,
        blur: maybe(fc.constant(12)),
        grain: maybe(fc.constant({ amount: 0.3, moves: true })),
      }),
      elements: anyElements(4),
    })
    .map((item) => lean(item) as Screen);

const during = { during: maybe(condition) };
const trigger: fc.Arbitrary<Trigger> = fc.oneof(
  fc.constantFrom(...BUTTONS, 'x0/in0').map((value): Trigger => ({ on: 'press', element: value })),
  fc
    .tuple(
      fc.constantFrom(...ACTIONS),
      fc.constantFrom('down' as const, 'down' as const, 'up' as const, 'held' as const),
    )
    .map(([action, when]): Trigger => ({
      on: 'action',
      action,
      when,
      ...(when === 'held' ? { hold: '300 ms' } : {}),
    })),
  fc.constantFrom(...EVENTS).map((value): Trigger => ({ on: 'event', event: value })),
  fc.record({
    on: fc.constant('time' as const),
    after: duration,
    since: fc.constantFrom('taken' as const, 'shown' as const, 'settled' as const),
    clock: fc.constantFrom('interface' as const, 'game' as const),
    covered: fc.constantFrom('counts' as const, 'waits' as const),
    ...during,
  }),
  fc.record({
    on: fc.constant('every' as const),
    each: duration,
    clock: fc.constantFrom('interface' as const, 'game' as const),
    covered: fc.constantFrom('counts' as const, 'waits' as const),
    ...during,
  }),
  fc.constantFrom<Trigger>({ on: 'arrival' }, { on: 'done' }, { on: 'failed' }),
  condition.map((when): Trigger => ({ on: 'value', when })),
  fc
    .tuple(fc.constantFrom(...SCREENS), fc.constantFrom(undefined, 'yes'))
    .map(([id, outcome]): Trigger => ({ on: 'returned', screen: id, ...(outcome ? { outcome } : {}) })),
);
const target: fc.Arbitrary<Target> = fc.oneof(
  { weight: 8, arbitrary: fc.constantFrom(...SCREENS).map((value): Target => ({ screen: value })) },
  { weight: 1, arbitrary: fc.constantFrom('Attic', 'S1').map((gap): Target => ({ gap })) },
);
const effectNow: fc.Arbitrary<Effect> = fc.oneof(
  fc
    .tuple(fc.constantFrom(...SCREENS), args)
    .map(([each, given]): Effect => ({ do: 'notice', screen: each, ...(given ? { args: given } : {}) })),
  setting.map((item): Effect => ({ do: 'set', ...item })),
  setting.map((item): Effect => ({ do: 'set', ...item })),
  fc.constantFrom<Effect>(
    { do: 'reset' },
    { do: 'reset', value: 'oil' },
    { do: 'save', slot: '1' },
    { do: 'load', slot: '1' },
    { do: 'keep changes' },
    { do: 'take back changes' },
    { do: 'reset bindings' },
    { do: 'sound', asset: 'bell' },
  ),
  fc.constantFrom<Effect>(
    { do: 'add row', list: 'crew', args: { name: 'note', ping: 'oil' } },
    { do: 'add row', list: 'crew', args: { name: '"Ines"', ready: 'lit' } },
    { do: 'change rows', list: 'crew', where: 'ping < oil', args: { ready: '!ready', ping: 'ping + 40' } },
    { do: 'change rows', list: 'crew', args: { name: 'note' } },
    { do: 'remove rows', list: 'crew', where: 'ready' },
    { do: 'remove rows', list: 'crew' },
  ),
  fc.constantFrom(...SCREENS).map((value): Effect => ({ do: 'clear notice', screen: value })),
  fc.constantFrom(...EVENTS).map((value): Effect => ({ do: 'send', event: value })),
);
const effect: fc.Arbitrary<Effect> = fc
  .tuple(effectNow, fc.option(duration, { nil: undefined, freq: 5 }))
  .map(([each, after]) => (after === undefined ? each : { ...each, after }));
const linkOf = (n: number): fc.Arbitrary<Link> =>
  fc
    .record({
      id: fc.constant(`l${n}`),
      from: fc.constantFrom('project', ...AREAS, ...SCREENS, ...SCREENS),
      trigger,
      kind: fc.oneof(
        {
          weight: 20,
          arbitrary: fc.constantFrom('go', 'go', 'open', 'open', 'swap', 'back', 'clear', 'stay'),
        },
        { weight: 1, arbitrary: fc.constant('end') },
      ),
      to: target,
      when: maybe(condition),
      once: maybe(fc.constant(true)),
      aboveModal: maybe(fc.constant(true)),
      args: maybe(number.map((asked) => ({ asked }))),
      outcome: maybe(fc.constant('yes')),
      effects: fc.array(effect, { maxLength: 2 }),
      motion: maybe(motion),
      order: maybe(order),
      masked: maybe(masked),
      notes: maybe(anyNotes),
    })
    .map((item) => lean(item) as Link);

const valuesOf = (min: number): Value[] => [
  { id: 'oil', name: 'oil', section: 'Lamp', life: 'session', type: 'number', min, max: 100, default: 40 },
  { id: 'lit', name: 'lit', section: 'Lamp', life: 'progress', type: 'on/off', default: false, byGame: true },
  {
    id: 'grade',
    name: 'grade',
    section: 'Storm',
    life: 'progress',
    type: 'choice',
    options: [
      { id: 'low', label: 'Low' },
      { id: 'high', label: 'High' },
    ],
    default: 'low',
  },
  { id: 'note', name: 'note', section: 'Storm', life: 'settings', type: 'text', default: '' },
];

export const anyProject: fc.Arbitrary<Project> = fc
  .record({
    screens: fc.tuple(...SCREENS.map(screen)),
    links: fc
      .integer({ min: 0, max: 24 })
      .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => linkOf(i)))),
    defaults: fc
      .record({
        motion,
        order,
        masked,
        layers: maybe(fc.record({ overlay: motion })),
        reduced: maybe(fc.constantFrom('always' as const, 'never' as const)),
      })
      .map(lean),
    motions: fc.tuple(anyMade('m0'), anyMade('m1')),
    keep: fc.subarray(SCREENS, { minLength: 1 }),
    start: fc.constantFrom(...SCREENS, null),
    kept: fc.subarray(VALUES, { minLength: 3 }),
    min: fc.integer({ min: -5, max: 30 }),
    crew: maybe(fc.oneof({ weight: 3, arbitrary: anyCrew }, { weight: 1, arbitrary: anySavedCrew })),
    components: maybe(anyComponents),
    german: maybe(
      fc.dictionary(
        fc.constantFrom(...KEYS),
        fc.constantFrom('Öl {oil}', 'Für {asked}', '{grade, select, low {ruhig} other {{said}}}'),
      ),
    ),
    skins: fc.array(
      fc
        .record({
          when: maybe(fc.constantFrom('lit', 'oil < 20', 'nobody', 'isUp(S1)')),
          text: maybe(fc.constantFrom([{ style: 't-body', size: 50 }], [{ style: 'gone', colour: 'c-sea' }])),
          box: maybe(
            fc.constantFrom([{ style: 'b-panel', fill: '#ffffff', hovered: { fill: 'c-sea' } }], []),
          ),
          colours: maybe(
            fc.constantFrom([{ colour: 'c-sea', is: '#000000' }], [{ colour: 'c-gone', is: 'c-sea' }]),
          ),
          assets: maybe(fc.constantFrom([{ asset: 'i-a', by: 'i-b' }], [{ asset: 'i-b', by: 'i-gone' }])),
          motions: maybe(fc.constantFrom([{ motion: 'm0', by: 'm1' }], [{ motion: 'gone', by: 'm0' }])),
        })
        .map(lean),
      { maxLength: 2 },
    ),
    talks: fc.array(
      fc.record({ on: fc.constantFrom(...SCREENS), steps: fc.array(anyStep, { maxLength: 3 }) }),
      { maxLength: 2 },
    ),
  })
  .map(
    ({ screens, links, defaults, keep, start, kept, min, crew, components, motions, skins, talks, german }) =>
      projectOf(
        screens
          .filter((screen) => keep.includes(screen.id))
          .map((screen) => {
            const i = talks.findIndex(({ on }) => on === screen.id);
            return i < 0 ? screen : { ...screen, says: `c${i}` };
          }),
        links,
        {
          defaults: defaults as Project['defaults'],
          motions,
          ...(skins.length > 0
            ? { skins: skins.map((skin, i) => ({ ...skin, id: `k-skin${i}`, name: `Skin ${i}` })) as Skin[] }
            : {}),
          start,
          ...(components ? { components } : {}),
          ...(german ? { languages: LANGUAGES, texts: { de: german } } : {}),
          speakers: [{ id: 'ines', name: 'Ines', faces: [{ name: 'calm', asset: 'a0' }] }],
          conversations: talks.map(({ on, steps }, i) => ({
            id: `c${i}`,
            name: `Talk ${i}`,
            screen: on,
            steps,
          })),
          assets: ['i-a', 'i-b'].map((id) => ({
            ...(id === 'i-b'
              ? { sheet: { by: 'grid' as const, columns: 4, rows: 2, count: 7 }, sharp: true as const }
              : {}),
            id,
            name: id,
            media: 'image/png',
            width: 40,
            height: 30,
            bytes: 1,
          })),
          styles: { ...blankProject('').styles, colours: [{ id: 'c-sea', name: 'Sea', colour: '#16324d' }] },
          events: EVENTS.map((id) => ({
            id,
            name: id,
            direction: 'in' as const,
            ...(id === 'g1' ? { fields: [{ id: 'asked', name: 'asked', type: 'number' as const }] } : {}),
          })),
          ...(crew ? { lists: [crew] } : {}),
          values: valuesOf(min).filter((value) => kept.includes(value.id)),
          areas: [
            { id: 'r0', name: 'Season', parent: null, freezes: false },
            { id: 'r1', name: 'Night', parent: 'r0', motion: defaults.motion },
          ],
        },
      ),
  );

const spot = fc.record({
  serial: fc.integer({ min: 1, max: 12 }),
  element: fc.constantFrom(...BUTTONS, 'x0', 'x0/in0', 't0', null),
  share: fc.constantFrom(0, 0.4, 1),
});
/** What one of four fingers does. */
export const anyThumb: fc.Arbitrary<Input> = fc.record({
  type: fc.constant('pointer' as const),
  device: fc.constant('touch' as const),
  finger: fc.integer({ min: 0, max: 3 }),
  phase: fc.constantFrom('down' as const, 'up' as const, 'move' as const),
  spot: fc.option(
    fc
      .tuple(
        spot,
        fc.record({ x: fc.integer({ min: -40, max: 400 }), y: fc.integer({ min: -40, max: 400 }) }),
      )
      .map(([on, at]) => ({ ...on, at })),
    { nil: null },
  ),
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
  anyThumb,
  fc.constantFrom(...GESTURES).map((gesture): Input => ({ type: 'gesture', gesture })),
  fc
    .tuple(fc.integer({ min: -40, max: 40 }), fc.constantFrom(0, 0, 12))
    .map(([x, y]): Input => ({ type: 'tilt', x, y })),
  fc.constantFrom('keys' as const, 'touch' as const).map((device): Input => ({ type: 'in hand', device })),
  fc.constantFrom('', 'Ines', '👩‍🚀').map((text): Input => ({ type: 'text', text })),
  fc.integer({ min: -900, max: 900 }).map((y): Input => ({
    type: 'scroll',
    device: y % 2 === 0 ? 'touch' : 'pointer',
    serial: 1 + (Math.abs(y) % 3),
    area: 'p0',
    x: 0,
    y,
  })),
  anyListInput,
  fc.constantFrom(...EVENTS).map((value): Input => ({ type: 'event', event: value })),
  fc
    .integer({ min: -20, max: 120 })
    .map((asked): Input => ({ type: 'event', event: 'g1', fields: { asked } })),
  fc
    .tuple(fc.constantFrom(...VALUES), fc.constantFrom(true, false, 0, 15, 400, 'high', 'x'), fc.boolean())
    .map(([value, to, byHand]): Input => ({ type: 'value', value, to, byHand })),
  fc.constantFrom(...SCREENS).map((value): Input => ({ type: 'done', screen: value })),
  fc.integer({ min: 0, max: 700_000 }).map((pass): Input => ({ type: 'time', pass })),
);
export const anyInputs = fc.array(anyInput, { maxLength: 40 });
