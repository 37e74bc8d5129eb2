import Joi from 'joi';
import { LONGEST_EXPRESSION } from '../expression';
import {
  BLENDS,
  BUBBLES,
  DURATION_PATTERN,
  FORMAT,
  KIND_NAMES,
  LONGEST_NAME,
  STATES,
  type ElementType,
} from '../model';

/** The project document at its edge. Unknown keys are kept; nothing is converted. */

const MOST = 5000;
/** Design pixels; further out nothing can be seen or meant. */
const FAR = 100_000;

const id = Joi.string().min(1).max(120);
const name = Joi.string().min(1).max(LONGEST_NAME);
const words = Joi.string().allow('').max(20_000);
/** A colour, or the id of one of the project's. */
const colour = Joi.string()
  .pattern(/^(#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?|[a-zA-Z][\w-]*)$/, 'a colour such as #16324d')
  .max(120);
const duration = Joi.string().pattern(DURATION_PATTERN, 'a duration such as 280 ms').max(40);
const pixels = Joi.number().min(-FAR).max(FAR);
const length = Joi.alternatives(
  pixels,
  Joi.string()
    .pattern(/^-?\d+(?:\.\d+)?%$/, 'a percentage such as 40%')
    .max(20),
);
const share = Joi.number().min(0).max(1);
const list = (item: Joi.Schema) => Joi.array().items(item).max(MOST);
const thing = (keys: Joi.SchemaMap) => Joi.object(keys).unknown(true);
const oneOf = (...values: (string | number)[]) => Joi.valid(...values);

const easing = oneOf('linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out');
const motion = Joi.alternatives(
  thing({ name: oneOf('none').required() }),
  thing({ name: oneOf('fade').required(), duration: duration.required(), easing }),
  thing({
    name: oneOf('slide').required(),
    from: oneOf('left', 'right', 'top', 'bottom').required(),
    duration: duration.required(),
    easing,
  }),
);
const order = Joi.alternatives(oneOf('after', 'together'), thing({ overlap: duration.required() }));
const masked = oneOf('ignored', 'held', 'through');

const shadow = thing({
  x: pixels.required(),
  y: pixels.required(),
  blur: Joi.number().min(0).max(1000).required(),
  colour: colour.required(),
});
const outline = thing({ width: Joi.number().min(0).max(500).required(), colour: colour.required() });
const gradient = thing({
  angle: Joi.number().min(-360).max(360).required(),
  stops: list(thing({ at: share.required(), colour: colour.required() })).required(),
});
const textLook = {
  font: id,
  size: Joi.number().min(1).max(2000),
  weight: oneOf(400, 700),
  colour,
  align: oneOf('start', 'centre', 'end'),
  line: Joi.number().min(0.5).max(5),
  letters: Joi.number().min(-200).max(500),
  stand: oneOf('top', 'middle', 'bottom'),
  wrap: oneOf('wrap', 'cut'),
  fit: thing({
    least: Joi.number().min(1).max(2000).required(),
    most: Joi.number().min(1).max(2000).required(),
  }),
  outline,
  shadow,
};
const TEXT_EXTRAS = ['letters', 'stand', 'wrap', 'fit', 'outline', 'shadow'];
const face = { fill: colour, border: colour, ink: colour, gradient, shadow, outline };
const BOX_EXTRAS = ['ink', 'gradient', 'shadow', 'outline', ...STATES];
const boxLook = {
  ...face,
  borderWidth: Joi.number().min(0).max(500),
  corner: Joi.number().min(0).max(2000),
  ...Object.fromEntries(STATES.map((state) => [state, thing(face)])),
};
const required = (keys: Record<string, Joi.Schema>, optional: string[] = []) =>
  Object.fromEntries(
    Object.entries(keys).map(([key, schema]) => [key, optional.includes(key) ? schema : schema.required()]),
  );
const textUse = thing({ style: id.required(), ...textLook });
const boxUse = thing({ style: id.required(), ...boxLook });

const expression = Joi.string().min(1).max(LONGEST_EXPRESSION);
const bound = Joi.number().min(0).max(FAR);
const axis = Joi.alternatives(
  thing({
    at: oneOf('start', 'centre', 'end').required(),
    offset: length.required(),
    size: length.required(),
    own: share,
    to: id,
    least: bound,
    most: bound,
  }),
  thing({
    at: oneOf('stretch').required(),
    offset: length.required(),
    far: length.required(),
    least: bound,
    most: bound,
  }),
);
const scalar = Joi.alternatives(Joi.boolean(), Joi.number(), words);
const element = {
  id: id.required(),
  name: name.required(),
  parent: id.allow(null).required(),
  place: thing({ x: axis.required(), y: axis.required() }).required(),
  lift: Joi.number().integer().min(-1000).max(1000),
  turn: Joi.number().min(-3600).max(3600),
  opacity: share,
  blend: oneOf(...BLENDS),
  shownWhen: expression,
  enabledWhen: expression,
  editing: thing({ hidden: Joi.boolean(), locked: Joi.boolean() }),
};
const arrange = thing({
  by: oneOf('row', 'column', 'grid').required(),
  gap: Joi.number().min(-FAR).max(FAR).required(),
  pad: bound,
  columns: Joi.number().integer().min(1).max(100),
  across: oneOf('start', 'centre', 'end', 'stretch'),
  along: oneOf('start', 'centre', 'end', 'spread'),
});
const insets = thing({
  top: bound.required(),
  right: bound.required(),
  bottom: bound.required(),
  left: bound.required(),
});
const fit = oneOf('contain', 'cover', 'stretch');
const look = textUse.required();
const box = boxUse.required();
const lines = Joi.array().items(words).max(MOST);
const pressable = { text: words.required(), look, box };
const control = { ...pressable, value: id, sample: scalar };
const picture = { asset: id.allow(null).required(), from: id, fit: fit.required() };
const kinds: Record<ElementType, Joi.SchemaMap> = {
  panel: { box, arrange, overflow: oneOf('cut', 'scrolls') },
  text: { text: words.required(), look },
  button: { ...pressable, shortcut: id },
  picture: { ...picture, slice: insets },
  switch: control,
  slider: { ...control, least: Joi.number(), most: Joi.number() },
  choice: { ...control, options: lines },
  entry: control,
  tabs: { ...pressable, tabs: lines.required(), bar: bound.required(), value: id },
  list: { rows: lines.required(), rowHeight: Joi.number().min(1).max(FAR).required(), look, box },
  progress: { value: id, sample: share, box, bar: box },
  portrait: { ...picture, box, flipped: Joi.boolean() },
  bubble: {
    ...pressable,
    shape: oneOf(...BUBBLES).required(),
    area: insets.required(),
    tail: thing({ side: oneOf('left', 'right', 'top', 'bottom').required(), at: share.required() }),
  },
  spoken: { text: words.required(), look },
  prompt: { ...pressable, action: id.allow(null).required() },
  address: { text: words.required(), url: words.required(), look },
  touch: {},
  component: {
    component: id.required(),
    args: Joi.object().pattern(/^.{1,120}$/, scalar),
    changes: Joi.object().pattern(/^.{1,240}$/, Joi.object().unknown(true)),
  },
};
/** One element of any type. */
export const elementSchema = Joi.alternatives(
  ...Object.entries(kinds).map(([type, keys]) =>
    thing({ ...element, type: oneOf(type).required(), ...keys }),
  ),
);

const args = Joi.object().pattern(/^.{1,120}$/, expression);
const option = thing({ id: id.required(), label: name.required() });
const types = {
  'on/off': { type: oneOf('on/off').required(), on: name, off: name },
  number: {
    type: oneOf('number').required(),
    least: Joi.number(),
    most: Joi.number(),
    step: Joi.number(),
    unit: name,
  },
  choice: { type: oneOf('choice').required(), options: list(option).required() },
  text: { type: oneOf('text').required() },
};
const typed = (keys: Joi.SchemaMap, picture: boolean) =>
  Joi.alternatives(
    ...Object.values({
      ...types,
      ...(picture ? { picture: { type: oneOf('picture').required() } } : {}),
    }).map((type) => thing({ id: id.required(), name: name.required(), ...type, ...keys })),
  );
const value = typed(
  {
    section: name.required(),
    life: oneOf('session', 'progress').required(),
    byGame: Joi.boolean(),
    default: scalar.required(),
  },
  false,
);
const parameter = typed({ default: scalar }, true);
const field = typed({}, true);
const area = thing({
  id: id.required(),
  name: name.required(),
  parent: id.allow(null).required(),
  freezes: Joi.boolean(),
  motion,
  music: id,
});

const screen = thing({
  id: id.required(),
  name: name.required(),
  kind: oneOf(...KIND_NAMES).required(),
  layer: oneOf('base', 'overlay', 'notice', 'companion').required(),
  trail: oneOf('keeps', 'skipped', 'afresh'),
  modal: Joi.boolean(),
  freezes: Joi.boolean(),
  blocks: Joi.boolean(),
  releases: oneOf('settled', 'at once'),
  remembers: Joi.boolean(),
  firstFocus: id,
  least: duration,
  area: id,
  shownWhen: expression,
  parameters: list(parameter),
  outcomes: list(thing({ id: id.required(), name: name.required() })),
  lasts: duration,
  until: Joi.alternatives(oneOf('time', 'dismissed', 'replaced'), thing({ event: id.required() })),
  again: Joi.alternatives(
    oneOf('over', 'line', 'ignore'),
    thing({ stack: Joi.number().integer().min(1).max(20).required() }),
  ),
  above: oneOf('base', 'everything'),
  clock: oneOf('interface', 'game'),
  covered: oneOf('counts', 'waits'),
  scope: oneOf('screen', 'area', 'project'),
  row: Joi.number().integer().min(0).max(MOST),
  order: Joi.number().integer().min(0).max(MOST),
  motion,
  background: thing({
    colour: colour.required(),
    gradient,
    picture: id,
    fit,
    blur: Joi.number().min(0).max(200),
    grain: thing({ amount: share.required(), moves: Joi.boolean() }),
  }).required(),
  elements: list(elementSchema).required(),
});

const target = Joi.alternatives(thing({ screen: id.required() }), thing({ gap: name.required() }));
const cue = Joi.alternatives(
  thing({ on: oneOf('press').required(), element: id.required() }),
  thing({
    on: oneOf('action').required(),
    action: id.required(),
    when: oneOf('down', 'up', 'held').required(),
    hold: duration,
  }),
  thing({ on: oneOf('event').required(), event: id.required() }),
  thing({
    on: oneOf('time').required(),
    after: duration.required(),
    since: oneOf('taken', 'shown', 'settled').required(),
    clock: oneOf('interface', 'game').required(),
    covered: oneOf('counts', 'waits').required(),
  }),
  thing({ on: oneOf('arrival', 'done').required() }),
  thing({ on: oneOf('value').required(), when: expression.required() }),
  thing({ on: oneOf('returned').required(), screen: id.required(), outcome: id }),
);
const later = { after: duration };
const effect = Joi.alternatives(
  thing({ do: oneOf('notice').required(), screen: id.required(), args, ...later }),
  thing({ do: oneOf('clear notice').required(), screen: id.required(), ...later }),
  thing({ do: oneOf('send').required(), event: id.required(), fields: args, ...later }),
  thing({ do: oneOf('set').required(), value: id.required(), to: expression.required(), ...later }),
  thing({ do: oneOf('reset').required(), value: id, section: name, ...later }),
  thing({ do: oneOf('sound', 'stop sound').required(), asset: id.required(), ...later }),
  thing({ do: oneOf('save', 'load').required(), slot: expression.required(), ...later }),
);
const link = thing({
  id: id.required(),
  from: id.required(),
  cue: cue.required(),
  when: expression,
  once: Joi.boolean(),
  aboveModal: Joi.boolean(),
  args,
  outcome: id,
  kind: oneOf('go', 'open', 'swap', 'back', 'clear', 'stay', 'end').required(),
  to: target,
  effects: list(effect).required(),
  motion,
  order,
  masked,
});

export const projectSchema = thing({
  format: Joi.valid(FORMAT).required(),
  id: id.required(),
  name: name.required(),
  design: thing({
    width: Joi.number().integer().min(16).max(16384).required(),
    height: Joi.number().integer().min(16).max(16384).required(),
    margin: Joi.number().min(0).max(45).required(),
    fits: oneOf('bars', 'cover', 'adapt'),
    sizes: list(
      thing({
        name: name.required(),
        width: Joi.number().integer().min(16).max(16384).required(),
        height: Joi.number().integer().min(16).max(16384).required(),
      }),
    ),
  }).required(),
  rates: thing({
    frames: Joi.number().min(1).max(1000).required(),
    ticks: Joi.number().min(1).max(1000).required(),
  }).required(),
  house: thing({ motion: motion.required(), order: order.required(), masked: masked.required() }).required(),
  start: id.allow(null).required(),
  actions: list(
    thing({
      id: id.required(),
      name: name.required(),
      keys: list(Joi.string().min(1).max(40)).required(),
      pad: list(Joi.number().integer().min(0).max(63)).required(),
    }),
  ).required(),
  events: list(
    thing({
      id: id.required(),
      name: name.required(),
      direction: oneOf('in', 'out').required(),
      fields: list(field),
    }),
  ).required(),
  values: list(value).required(),
  areas: list(area).required(),
  styles: thing({
    text: list(
      thing({ id: id.required(), name: name.required(), ...required(textLook, TEXT_EXTRAS) }),
    ).required(),
    box: list(
      thing({
        id: id.required(),
        name: name.required(),
        ...required(boxLook, BOX_EXTRAS),
      }),
    ).required(),
    colours: list(
      thing({
        id: Joi.string()
          .pattern(/^[a-zA-Z][\w-]*$/, 'a word')
          .max(120)
          .required(),
        name: name.required(),
        colour: colour.required(),
      }),
    ),
  }).required(),
  assets: list(
    thing({
      id: id.required(),
      name: name.required(),
      media: Joi.string().min(1).max(80).required(),
      width: Joi.number().min(0).max(FAR).required(),
      height: Joi.number().min(0).max(FAR).required(),
      bytes: Joi.number().integer().min(0).required(),
      finer: list(thing({ scale: Joi.number().min(1).max(8).required(), asset: id.required() })),
      face: thing({
        unitsPerEm: Joi.number().min(1).max(65536).required(),
        ascender: Joi.number().required(),
        descender: Joi.number().required(),
        advances: Joi.object()
          .pattern(/^-?[0-9.]{1,12}$/, Joi.string().max(5000))
          .required(),
        kerning: Joi.object()
          .pattern(/^.{1,2}$/u, Joi.object().pattern(/^-?[0-9.]{1,12}$/, Joi.string().max(5000)))
          .required(),
      }),
    }),
  ).required(),
  components: list(
    thing({
      id: id.required(),
      name: name.required(),
      width: Joi.number().min(1).max(FAR).required(),
      height: Joi.number().min(1).max(FAR).required(),
      parameters: list(
        Joi.alternatives(
          thing({
            id: id.required(),
            name: name.required(),
            type: oneOf('text').required(),
            default: words.required(),
          }),
          thing({
            id: id.required(),
            name: name.required(),
            type: oneOf('picture').required(),
            default: words.required(),
          }),
          thing({
            id: id.required(),
            name: name.required(),
            type: oneOf('on/off').required(),
            default: Joi.boolean().required(),
          }),
        ),
      ).required(),
      elements: list(elementSchema).required(),
    }),
  ),
  screens: list(screen).required(),
  links: list(link).required(),
}).label('project');
