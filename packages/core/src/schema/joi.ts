import Joi from 'joi';
import { FORMAT, GESTURES, KIND_NAMES, MAX_CELLS, MAX_ROWS, SAVED_PARTS, STATUSES, WRAPS } from '../model';
import {
  MAX_ITEMS,
  MAX_LINKS,
  FAR,
  id,
  name,
  words,
  colour,
  duration,
  share,
  list,
  thing,
  oneBy,
  oneOf,
  expression,
  boxUse,
  gradient,
  textLook,
  textUse,
  TEXT_EXTRAS,
  BOX_EXTRAS,
  boxLook,
  required,
  scalar,
  fit,
  loading,
  madeMotion,
  motion,
  notes,
} from '../fields';
import { SOLID_CELLS } from '../sheet';
import { EFFECT_AUTHORS } from '../effects/author';
import { TRIGGER_AUTHORS } from '../triggers/author';
import { described, told } from './described';
import { elementSchema } from './elements';
import { conversation, routine, speaker, stepSchema, talkRules, translated, wordings } from './talk';

/** The project document at its edge. Unknown keys are kept; nothing is converted. */

const order = Joi.alternatives(oneOf('after', 'together'), thing({ overlap: duration.required() }));
const masked = oneOf('ignored', 'held', 'through');

const option = thing({ id: id.required(), label: name.required() });
const types = {
  'on/off': { on: name, off: name },
  number: { min: Joi.number(), max: Joi.number(), step: Joi.number(), unit: name },
  choice: { options: list(option).required() },
  text: {},
  picture: {},
};
const named = { id: id.required(), name: name.required() };
const value = oneBy('type', types, {
  ...named,
  section: name.required(),
  life: oneOf('session', 'progress', 'settings').required(),
  byGame: Joi.boolean(),
  default: scalar.required(),
});
const cells = Joi.number().integer().min(1).max(MAX_CELLS);
const corner = Joi.number().integer().min(0).max(FAR).required();
const edge = Joi.number().integer().min(1).max(FAR).required();
const cell = thing({ x: corner, y: corner, width: edge, height: edge });
const parameter = oneBy('type', types, { ...named, default: scalar });
const field = oneBy('type', types, named);
const rows = Joi.array()
  .items(Joi.object().pattern(/^.{1,120}$/, scalar))
  .max(MAX_ROWS)
  .required();
const savedPart = Joi.alternatives(
  thing({ part: oneOf(...SAVED_PARTS).required() }),
  thing({ value: id.required() }),
);
const area = thing({
  id: id.required(),
  name: name.required(),
  parent: id.allow(null).required(),
  freezes: Joi.boolean(),
  motion,
  music: id,
});

const way = id.allow(null);
const focusRules = thing({
  next: Joi.object().pattern(/^.{1,400}$/, thing({ up: way, down: way, left: way, right: way })),
  order: list(id),
  wraps: oneOf(...WRAPS),
});

const screen = thing({
  id: id.required(),
  name: name.required(),
  kind: oneOf(...KIND_NAMES).required(),
  layer: oneOf('base', 'overlay', 'notice', 'hud').required(),
  trail: oneOf('keeps', 'skipped', 'afresh'),
  modal: Joi.boolean(),
  freezes: Joi.boolean(),
  blocks: Joi.boolean(),
  releases: oneOf('settled', 'at once'),
  remembers: Joi.boolean(),
  firstFocus: id,
  focus: focusRules,
  minTime: duration,
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
  row: Joi.number().integer().min(0).max(MAX_ITEMS),
  order: Joi.number().integer().min(0).max(MAX_ITEMS),
  motion,
  music: id,
  musicFade: duration,
  loading,
  says: id,
  status: oneOf(...STATUSES),
  notes,
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
const trigger = oneBy('on', described(TRIGGER_AUTHORS));
const effect = oneBy('do', described(EFFECT_AUTHORS), { after: duration });
const link = thing({
  id: id.required(),
  from: id.required(),
  trigger: trigger.required(),
  when: expression,
  once: Joi.boolean(),
  aboveModal: Joi.boolean(),
  args: told,
  says: id,
  outcome: id,
  kind: oneOf('go', 'open', 'swap', 'back', 'clear', 'stay', 'end').required(),
  to: target,
  effects: list(effect).required(),
  motion,
  order,
  masked,
  notes,
});

/** What stands in the document's own lists, each of one sort. */
const items = {
  actions: thing({
    id: id.required(),
    name: name.required(),
    keys: list(Joi.string().min(1).max(40)).required(),
    pad: list(Joi.number().integer().min(0).max(63)).required(),
    gestures: list(oneOf(...GESTURES)),
    forGame: Joi.boolean(),
  }),
  languages: thing({
    code: Joi.string()
      .pattern(/^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/, 'a language tag')
      .required(),
    name: name.required(),
    ownName: name,
  }),
  events: thing({
    id: id.required(),
    name: name.required(),
    direction: oneOf('in', 'out').required(),
    fields: list(field),
  }),
  values: value,
  lists: thing({
    ...named,
    section: name.required(),
    life: oneOf('session', 'progress', 'settings').required(),
    byGame: Joi.boolean(),
    fields: list(field, 100).min(1).required(),
    key: id,
    max: Joi.number().integer().min(1).max(MAX_ROWS),
    default: rows,
    samples: rows,
    saved: thing({
      slots: list(Joi.string().min(1).max(200), 100).required(),
      holds: Joi.object()
        .pattern(/^.{1,120}$/, savedPart)
        .required(),
    }),
  }),
  areas: area,
  skins: thing({
    id: id.required(),
    name: name.required(),
    when: expression,
    text: list(textUse),
    box: list(boxUse),
    colours: list(thing({ colour: id.required(), is: colour.required() })),
    assets: list(thing({ asset: id.required(), by: id.required() })),
    motions: list(thing({ motion: id.required(), by: id.required() })),
  }),
  motions: madeMotion,
  assets: thing({
    id: id.required(),
    name: name.required(),
    media: Joi.string().min(1).max(80).required(),
    width: Joi.number().min(0).max(FAR).required(),
    height: Joi.number().min(0).max(FAR).required(),
    bytes: Joi.number().integer().min(0).required(),
    finer: list(thing({ scale: Joi.number().min(1).max(8).required(), asset: id.required() })),
    sheet: oneBy('by', {
      grid: {
        columns: cells.required(),
        rows: cells.required(),
        count: cells,
      },
      cells: { cells: list(cell, MAX_CELLS).min(1).required() },
    }),
    solid: Joi.array()
      .items(Joi.string().pattern(/^[0-9a-f]{16}$/, 'sixteen hexadecimal digits'))
      .length(SOLID_CELLS),
    sharp: Joi.valid(true),
    characters: Joi.string()
      .min(1)
      .max(MAX_CELLS * 2),
    face: thing({
      family: Joi.string().min(1).max(80),
      weight: Joi.number().integer().min(1).max(1000),
      italic: Joi.valid(true),
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
  components: thing({
    id: id.required(),
    name: name.required(),
    width: Joi.number().min(1).max(FAR).required(),
    height: Joi.number().min(1).max(FAR).required(),
    parameters: list(
      oneBy(
        'type',
        {
          'text|picture': { default: words.required() },
          'on/off': { default: Joi.boolean().required() },
        },
        named,
      ),
    ).required(),
    elements: list(elementSchema).required(),
  }),
  speakers: speaker,
  conversations: conversation,
  routines: routine,
  screens: screen,
  links: link,
};
type ListName = keyof typeof items;
/** Lists that every document has, if only empty. */
const ALWAYS: ReadonlySet<string> = new Set([
  'actions',
  'events',
  'values',
  'areas',
  'assets',
  'screens',
  'links',
]);

const rest = {
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
  defaults: thing({
    motion: motion.required(),
    layers: thing({ base: motion, overlay: motion, notice: motion, hud: motion }),
    reduced: oneOf('always', 'never'),
    order: order.required(),
    masked: masked.required(),
  }).required(),
  start: id.allow(null).required(),
  texts: Joi.object().pattern(/^[A-Za-z0-9-]{2,40}$/, Joi.object().pattern(/^.{1,400}$/, words)),
  translated,
  wordings,
  input: thing({
    repeatAfter: duration,
    repeatEvery: duration,
    stick: share,
    rest: share,
    level: Joi.number().min(0).max(90),
    tilted: Joi.number().min(0).max(90),
    tiltToGame: Joi.valid(true),
  }),
  sound: thing({
    focus: id,
    press: id,
    back: id,
    open: id,
    volumes: thing({ all: id, music: id, effects: id }),
    fade: duration,
    under: share,
  }),
  styles: thing({
    tooltip: thing({ text: textUse.required(), box: boxUse.required(), after: duration }),
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
  talk: talkRules,
};

/** The lists, each with a schema of its own making. */
const lists = (of: (name: ListName) => Joi.ArraySchema): Joi.SchemaMap =>
  Object.fromEntries(
    (Object.keys(items) as ListName[]).map((name) => [
      name,
      ALWAYS.has(name) ? of(name).required() : of(name),
    ]),
  );

const mostOf = (name: ListName): number => (name === 'links' ? MAX_LINKS : MAX_ITEMS);

const step = stepSchema(effect);
/** The whole document in one description, which the published schema is made from. */
export const projectSchema = thing({ ...rest, ...lists((name) => list(items[name], mostOf(name))) })
  .shared(step)
  .label('project');
/** The document without what stands in its lists, which is checked one by one. */
export const frameSchema = thing({ ...rest, ...lists((name) => Joi.array().max(mostOf(name))) });
export const itemSchemas = Object.entries(items).map(
  ([name, item]) => [name as ListName, (item as Joi.AlternativesSchema).shared(step)] as const,
);
