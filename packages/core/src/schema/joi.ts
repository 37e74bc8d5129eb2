import Joi from 'joi';
import { LONGEST_EXPRESSION } from '../expression';
import { DURATION_PATTERN, FORMAT, KIND_NAMES, LONGEST_NAME } from '../model';

/** The project document at its edge. Unknown keys are kept; nothing is converted. */

const MOST = 5000;
/** Design pixels; further out nothing can be seen or meant. */
const FAR = 100_000;

const id = Joi.string().min(1).max(120);
const name = Joi.string().min(1).max(LONGEST_NAME);
const words = Joi.string().allow('').max(20_000);
const colour = Joi.string().pattern(/^#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?$/, 'a colour such as #16324d');
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

const textLook = {
  font: oneOf('plain', 'display'),
  size: Joi.number().min(1).max(2000),
  weight: oneOf(400, 700),
  colour,
  align: oneOf('start', 'centre', 'end'),
  line: Joi.number().min(0.5).max(5),
};
const face = { fill: colour, border: colour, ink: colour };
const boxLook = {
  ...face,
  borderWidth: Joi.number().min(0).max(500),
  corner: Joi.number().min(0).max(2000),
  hovered: thing(face),
  focused: thing(face),
  pressed: thing(face),
};
const required = (keys: Record<string, Joi.Schema>, optional: string[] = []) =>
  Object.fromEntries(
    Object.entries(keys).map(([key, schema]) => [key, optional.includes(key) ? schema : schema.required()]),
  );
const textUse = thing({ style: id.required(), ...textLook });
const boxUse = thing({ style: id.required(), ...boxLook });

const axis = Joi.alternatives(
  thing({
    at: oneOf('start', 'centre', 'end').required(),
    offset: length.required(),
    size: length.required(),
    own: share,
  }),
  thing({ at: oneOf('stretch').required(), offset: length.required(), far: length.required() }),
);
const element = {
  id: id.required(),
  name: name.required(),
  parent: id.allow(null).required(),
  place: thing({ x: axis.required(), y: axis.required() }).required(),
  opacity: share,
};
const elements = Joi.alternatives(
  thing({ ...element, type: oneOf('panel').required(), box: boxUse.required() }),
  thing({ ...element, type: oneOf('text').required(), text: words.required(), look: textUse.required() }),
  thing({
    ...element,
    type: oneOf('button').required(),
    text: words.required(),
    look: textUse.required(),
    box: boxUse.required(),
    shortcut: id,
  }),
  thing({
    ...element,
    type: oneOf('picture').required(),
    asset: id.allow(null).required(),
    from: id,
    fit: oneOf('contain', 'cover', 'stretch').required(),
  }),
);

const expression = Joi.string().min(1).max(LONGEST_EXPRESSION);
const args = Joi.object().pattern(/^.{1,120}$/, expression);
const scalar = Joi.alternatives(Joi.boolean(), Joi.number(), words);
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
  background: thing({ colour: colour.required(), picture: id }).required(),
  elements: list(elements).required(),
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
    text: list(thing({ id: id.required(), name: name.required(), ...required(textLook) })).required(),
    box: list(
      thing({
        id: id.required(),
        name: name.required(),
        ...required(boxLook, ['ink', 'hovered', 'focused', 'pressed']),
      }),
    ).required(),
  }).required(),
  assets: list(
    thing({
      id: id.required(),
      name: name.required(),
      media: Joi.string().min(1).max(80).required(),
      width: Joi.number().min(0).max(FAR).required(),
      height: Joi.number().min(0).max(FAR).required(),
      bytes: Joi.number().integer().min(0).required(),
    }),
  ).required(),
  screens: list(screen).required(),
  links: list(link).required(),
}).label('project');
