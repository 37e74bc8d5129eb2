import fc from 'fast-check';
import {
  BLENDS,
  BUBBLES,
  FACE_FITS,
  PARTS,
  PICTURE_FITS,
  WRAPS,
  type Placement,
  type Component,
  type Element,
  type ElementType,
} from '../model';
import { buttonOf } from './flows';
import { anyAnimations, anyFrames, lean } from './motions';
import { anyNotes } from './notes';

/** Random elements of every type, with places, looks, conditions and values that are there, and some that are not. */

export const BUTTONS = ['b0', 'b1', 'b2'];
const colour = fc.constantFrom('#16324d', '#00000000', '#f3ead7cc', 'c-sea', 'c-gone');
const maybe = <T>(arbitrary: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> =>
  fc.option(arbitrary, { nil: undefined, freq: 2 });
const length = fc.oneof(
  fc.integer({ min: -50, max: 1900 }),
  fc.integer({ min: 0, max: 100 }).map((n) => `${n}%`),
);
const bounds = {
  min: maybe(fc.integer({ min: 0, max: 200 })),
  max: maybe(fc.integer({ min: 200, max: 900 })),
};
export const anyAxis = fc.oneof(
  fc.record({
    at: fc.constantFrom('start', 'centre', 'end'),
    offset: length,
    size: length,
    own: maybe(fc.constantFrom(0, 0.5, 1)),
    to: maybe(fc.constantFrom('t0', 'p0', 'x0', 'gone')),
    ...bounds,
  }),
  fc.record({ at: fc.constant('stretch'), offset: length, far: length, ...bounds }),
) as fc.Arbitrary<Placement>;

const shadow = fc.record({ x: fc.constant(2), y: fc.constant(4), blur: fc.constantFrom(0, 8), colour });
const outline = fc.record({ width: fc.integer({ min: 0, max: 6 }), colour });
const gradient = fc.record({
  angle: fc.constantFrom(0, 45, 180),
  stops: fc.array(fc.record({ at: fc.constantFrom(0, 0.5, 1), colour }), { maxLength: 3 }),
});
const textUse = fc.record({
  style: fc.constantFrom('t-body', 'gone'),
  size: fc.integer({ min: 8, max: 90 }),
  font: maybe(fc.constantFrom('plain', 'display', 'i-gone')),
  letters: maybe(fc.integer({ min: -2, max: 8 })),
  stand: maybe(fc.constantFrom('top', 'middle', 'bottom')),
  wrap: maybe(fc.constantFrom('wrap', 'cut')),
  fit: maybe(fc.constant({ min: 12, max: 44 })),
  outline: maybe(outline),
  shadow: maybe(shadow),
});
const insets = fc.constant({ top: 8, right: 12, bottom: 8, left: 12 });
/** Of pictures that projects of the tests have, and of one that is gone. */
const facePicture = fc.record({
  asset: fc.constantFrom('i-a', 'a-calm', 'a-lamp', 'i-gone'),
  fit: fc.constantFrom(...FACE_FITS),
  slice: maybe(insets),
  scale: maybe(fc.constantFrom(0.5, 2)),
  tint: maybe(colour),
  opacity: maybe(fc.constantFrom(0, 0.4)),
  blend: maybe(fc.constantFrom(...BLENDS)),
  under: maybe(fc.constant(true)),
});
const boxUse = fc.record({
  style: fc.constantFrom('b-panel', 'b-button', 'gone'),
  fill: maybe(colour),
  gradient: maybe(gradient),
  shadow: maybe(shadow),
  outline: maybe(outline),
  picture: maybe(fc.oneof(facePicture, fc.constant('none'))),
  hovered: maybe(
    fc.record({
      sound: fc.constantFrom('i-b', 'i-gone'),
      picture: facePicture,
      grow: fc.constant(1.1),
      nudge: fc.constant({ x: 2, y: -4 }),
    }),
  ),
  fades: maybe(fc.constant('120 ms')),
  dashes: maybe(fc.constant({ dash: 12, gap: 6 })),
  on: maybe(fc.record({ fill: colour })),
  disabled: maybe(fc.record({ fill: colour, ink: colour })),
});
const size = fc.constantFrom({}, { width: 30 }, { width: 24, height: 18 });
/** Looks of some parts of a control. */
const partsOf = (type: keyof typeof PARTS) => ({
  parts: maybe(
    fc.record(
      Object.fromEntries(
        PARTS[type].map((name) => [name, fc.tuple(boxUse, size).map(([use, own]) => ({ ...use, ...own }))]),
      ),
      { requiredKeys: [] },
    ),
  ),
});
const text = fc.oneof(
  fc.string({ maxLength: 40 }),
  fc.constantFrom(
    'Oil {oil}',
    'For {asked}',
    '{nobody}',
    '{oil, plural, one {# cup} other {# cups of {grade}}}',
    '{grade, select, low {calm, {oil, number}} other {{note}}}',
    '{oil, number, ::currency/X}',
  ),
);
const words = { text, look: textUse };
const pressable = { ...words, box: boxUse };
const point = fc.record({ x: fc.constantFrom(-0.5, 0, 0.25, 1), y: fc.constantFrom(0, 0.75, 1) });
const shapeLine = fc
  .record({
    points: fc.array(
      fc
        .record({ at: point, before: maybe(point), after: maybe(point) })
        .map(({ at, ...handles }) => lean({ ...at, ...handles })),
      { maxLength: 4 },
    ),
    open: maybe(fc.constant(true)),
  })
  .map(lean);
const value = maybe(fc.constantFrom('oil', 'lit', 'grade', 'note', 'gone'));
const control = { ...pressable, value, sample: maybe(fc.constantFrom(true, 3, 'x')) };
const acts = maybe(fc.constantFrom('menu', 'confirm', 'gone'));
const timer = maybe(fc.constantFrom('c0', 'c1', 'gone'));
const fit = fc.constantFrom('contain', 'cover', 'stretch');
const pictureFit = fc.constantFrom(...PICTURE_FITS);
const plays = fc.record({
  rate: fc.constantFrom(0.5, 12, 60),
  on: fc.constantFrom('arrival', 'focus', 'press', { event: 'g1' }, { event: 'gone' }),
  delay: maybe(fc.constant('0.2 s')),
  repeat: maybe(fc.constantFrom('loop', 'there and back')),
});

const kinds: Partial<Record<ElementType, Record<string, fc.Arbitrary<unknown>>>> = {
  text: { ...words, frames: maybe(anyFrames), timer },
  picture: {
    asset: fc.constantFrom(null, 'i-a', 'i-b', 'i-gone'),
    fit: pictureFit,
    slice: maybe(insets),
    pictures: maybe(fc.constantFrom(['i-a', 'i-b'], ['i-b', 'i-gone', 'i-a'], [])),
    plays: maybe(plays),
    value,
  },
  switch: { ...control, ...partsOf('switch') },
  slider: { ...control, ...partsOf('slider'), min: maybe(fc.constant(0)), max: maybe(fc.constant(10)) },
  choice: {
    ...control,
    ...partsOf('choice'),
    options: maybe(fc.constant(['a', 'b'])),
    pictures: maybe(fc.constantFrom({ low: 'i-a', gone: 'i-b' }, { 0: 'i-a', 1: 'i-gone' })),
    pictured: maybe(fc.constantFrom('above', 'alone')),
  },
  entry: { ...control, ...partsOf('entry') },
  binding: {
    ...pressable,
    action: fc.constantFrom('confirm', 'menu', 'gone', null),
    device: fc.constantFrom('keys', 'pad'),
    clash: maybe(fc.constant('swap')),
  },
  tabs: {
    ...pressable,
    ...partsOf('tabs'),
    tabs: fc.constantFrom([], ['One'], ['One', 'Two']),
    bar: fc.constant(60),
    value,
  },
  list: {
    ...partsOf('list'),
    rows: fc.array(text, { maxLength: 3 }),
    rowHeight: fc.constant(40),
    look: textUse,
    box: boxUse,
    list: maybe(fc.constantFrom('crew', 'crew', 'gone')),
    row: maybe(fc.constantFrom('k0', 'k1', 'gone')),
    told: maybe(fc.constantFrom({ said: 'ping' }, { said: null, gone: 'name' })),
    across: maybe(fc.constant(true)),
    columns: maybe(fc.constant(2)),
    gap: maybe(fc.constant(6)),
    sort: maybe(fc.constantFrom([{ by: 'ping', down: true }], [{ by: 'gone' }, { by: 'side' }])),
    filter: maybe(fc.constantFrom('ready', 'ping > oil', 'isUp(S1) && ping > 3', 'nobody')),
    empty: maybe(fc.constantFrom('k1', 'gone')),
    waiting: maybe(fc.constant('k0')),
    failed: maybe(fc.constant('k1')),
    open: maybe(fc.constant('k1')),
  },
  progress: {
    value,
    timer,
    loading: maybe(fc.constant(true)),
    sample: maybe(fc.constant(0.5)),
    box: boxUse,
    bar: boxUse,
    fills: maybe(
      fc.constantFrom(
        { by: 'side', side: 'bottom' },
        { by: 'ring', start: -90, sweep: 270, width: 12, anticlockwise: true },
        { by: 'row', count: 5, gap: 4, steps: 'half' },
        { by: 'number', look: { style: 't-body' } },
      ),
    ),
    eases: maybe(fc.constantFrom('0.4 s', '12 frames')),
    easing: maybe(fc.constantFrom('ease-out', 'cubic-bezier(0.3, -1, 0.3, 2)')),
    loss: maybe(
      fc.record({ box: boxUse, after: fc.constant('0.6 s'), over: fc.constantFrom('0 s', '0.4 s') }),
    ),
    levels: maybe(fc.array(fc.record({ below: fc.constantFrom(0.25, 0.5), bar: boxUse }), { maxLength: 2 })),
  },
  ellipse: { box: boxUse, overflow: maybe(fc.constant('cut')) },
  shape: {
    box: boxUse,
    overflow: maybe(fc.constant('cut')),
    form: fc.oneof(
      fc.record({ is: fc.constant('polygon'), corners: fc.integer({ min: 3, max: 9 }) }),
      fc.record({
        is: fc.constant('star'),
        corners: fc.integer({ min: 3, max: 9 }),
        inner: fc.constantFrom(0, 0.5, 1),
      }),
      fc.record({
        is: fc.constant('arc'),
        start: fc.constantFrom(-90, 0),
        sweep: fc.constantFrom(0, 120, 360),
        width: fc.constantFrom(0, 20, 900),
      }),
      fc.record({ is: fc.constant('path'), lines: fc.array(shapeLine, { maxLength: 3 }) }),
    ),
  },
  portrait: { asset: fc.constant(null), fit, box: boxUse, flipped: maybe(fc.boolean()) },
  bubble: {
    ...pressable,
    shape: fc.constantFrom(...BUBBLES),
    area: insets,
    tail: maybe(
      fc.record({ side: fc.constantFrom('left', 'right', 'top', 'bottom'), at: fc.constantFrom(0, 0.5, 1) }),
    ),
  },
  spoken: words,
  prompt: { ...pressable, action: fc.constantFrom('confirm', null) },
  address: { ...words, url: fc.constant('https://saltwick.example/light') },
  touch: {
    acts,
    swipes: maybe(fc.constantFrom({ left: 'menu' }, { up: 'gone', down: 'confirm' })),
  },
  stick: {
    box: boxUse,
    size: fc.constantFrom(120, 900),
    floats: maybe(fc.constant(true)),
    dead: maybe(fc.constantFrom(0, 0.5, 1)),
    ways: maybe(fc.constantFrom(4, 8)),
    tells: maybe(fc.constantFrom('directions', 'axis')),
    ...partsOf('stick'),
  },
  component: {
    component: fc.constantFrom('k0', 'k1', 'gone'),
    args: maybe(fc.constantFrom({ said: 'Ahoy', there: false }, { said: '{oil} of {asked}' })),
    changes: maybe(
      fc.constantFrom(
        { in0: { opacity: 0.5, look: { size: 20 } } },
        { in0: { text: '{oil}', shownWhen: 'lit' } },
      ),
    ),
  },
};
const common = {
  parent: fc.constantFrom(null, 'p0', 'x0'),
  place: fc.record({ x: anyAxis, y: anyAxis }),
  lift: maybe(fc.integer({ min: -2, max: 2 })),
  turn: maybe(fc.constantFrom(0, 30, 270)),
  opacity: maybe(fc.constantFrom(0, 0.5, 1)),
  blend: maybe(fc.constantFrom(...BLENDS)),
  tint: maybe(colour),
  shadow: maybe(shadow),
  mask: maybe(fc.record({ asset: fc.constantFrom('i-a', 'i-b', 'i-gone'), fit: pictureFit })),
  shownWhen: maybe(fc.constantFrom('lit', 'oil < 20', 'nobody', 'isUp(S1)')),
  enabledWhen: maybe(fc.constantFrom('!lit', 'asked > 0', 'oil <')),
  editing: maybe(fc.constant({ hidden: true })),
  notes: maybe(anyNotes),
  animations: maybe(anyAnimations),
  through: maybe(fc.constant(true)),
  exact: maybe(fc.constant(true)),
  layer: maybe(fc.constant({ file: 'menu.ora', path: 'g/a', x: 3, y: 4, opacity: 1, mark: '9-3' })),
  only: maybe(fc.constant('touch')),
  reach: maybe(fc.constantFrom(0, 40)),
  tooltip: maybe(fc.constantFrom('Rest here', '{oil} of 100', '{nobody}', '{oil, plural, one {#}}')),
};
const others = Object.entries(kinds).map(([type, keys]) =>
  fc
    .record({
      id: fc.constantFrom('t0', 't1', 'x0'),
      name: fc.constant(type),
      type: fc.constant(type),
      ...common,
      ...keys,
    })
    .map((item) => (item.parent === item.id ? { ...item, parent: null } : item)),
);
const panel = fc.record({
  ...common,
  id: fc.constant('p0'),
  name: fc.constant('Panel'),
  type: fc.constant('panel'),
  parent: fc.constant(null),
  box: boxUse,
  overflow: maybe(fc.constantFrom('cut', 'scrolls')),
  scrollBars: maybe(fc.constant(true)),
  ...partsOf('panel'),
  wraps: maybe(fc.constantFrom(...WRAPS)),
  arrange: maybe(
    fc.record({
      by: fc.constantFrom('row', 'column', 'grid'),
      gap: fc.constantFrom(0, 12),
      pad: maybe(fc.constant(20)),
      columns: maybe(fc.constantFrom(1, 3)),
      across: maybe(fc.constantFrom('start', 'centre', 'end', 'stretch')),
      along: maybe(fc.constantFrom('start', 'centre', 'end', 'spread')),
    }),
  ),
});
const button = fc
  .record({
    id: fc.constantFrom(...BUTTONS),
    when: common.shownWhen,
    animations: common.animations,
    acts: maybe(acts),
  })
  .map(({ id, when, animations, acts: held }) => ({
    ...buttonOf(id, 100 + BUTTONS.indexOf(id) * 96),
    shownWhen: when,
    animations,
    acts: held,
  }));

export const anyElement = fc
  .oneof(
    { weight: 5, arbitrary: button },
    { weight: 2, arbitrary: panel },
    ...others.map((arbitrary) => ({ weight: 1, arbitrary })),
  )
  .map(lean) as unknown as fc.Arbitrary<Element>;

/** Elements of one owner: ids differ, and none holds itself. */
export const anyElements = (maxLength: number): fc.Arbitrary<Element[]> =>
  fc.uniqueArray(anyElement, { maxLength, selector: (element) => element.id }).map((elements) => {
    // Only panels hold others here, so that no circle can come about but through siblings.
    const holders = new Set(
      elements.filter((element) => element.type === 'panel').map((element) => element.id),
    );
    return elements.map((element) =>
      holders.has(element.parent ?? '') ? element : { ...element, parent: null },
    );
  });

export const anyComponents: fc.Arbitrary<Component[]> = fc
  .tuple(anyElements(3), anyElements(2))
  .map(([first, second]) =>
    [first, second].map((elements, i) => ({
      id: `k${i}`,
      name: `Component ${i}`,
      width: 400,
      height: 90,
      parameters: [
        { id: 'said', name: 'said', type: 'text', default: i === 0 ? 'Hello' : 'Oil: {oil}' },
        { id: 'there', name: 'there', type: 'on/off', default: true },
      ],
      elements: [
        { ...buttonOf('in0', 0), text: i === 0 ? '{said}' : '{said} {asked}', shownWhen: 'there' },
        ...elements,
      ],
    })),
  );
