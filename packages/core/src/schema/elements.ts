import Joi from 'joi';
import { BLENDS, BUBBLES, MARKER_SIDES, ROLES, STATES, WRAPS, type ElementType } from '../model';
import { animation, keyframes, textFrames } from './motions';
import {
  MOST,
  FAR,
  id,
  name,
  words,
  colour,
  pixels,
  length,
  share,
  list,
  thing,
  oneBy,
  oneOf,
  expression,
} from './atoms';

/** What is on screens, and how it looks. */

const shadow = thing({
  x: pixels.required(),
  y: pixels.required(),
  blur: Joi.number().min(0).max(1000).required(),
  colour: colour.required(),
});
const outline = thing({ width: Joi.number().min(0).max(500).required(), colour: colour.required() });
export const gradient = thing({
  angle: Joi.number().min(-360).max(360).required(),
  stops: list(thing({ at: share.required(), colour: colour.required() })).required(),
});
export const textLook = {
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
export const TEXT_EXTRAS = ['letters', 'stand', 'wrap', 'fit', 'outline', 'shadow'];
const face = { fill: colour, border: colour, ink: colour, gradient, shadow, outline };
export const BOX_EXTRAS = ['ink', 'gradient', 'shadow', 'outline', 'marker', ...STATES];
const marker = thing({
  asset: id.required(),
  side: oneOf(...MARKER_SIDES).required(),
  size: Joi.number().min(1).max(2000).required(),
  gap: Joi.number().min(-2000).max(2000).required(),
  loop: thing({ repeat: oneOf('loop', 'there and back').required(), frames: keyframes.required() }),
});
export const boxLook = {
  ...face,
  marker,
  borderWidth: Joi.number().min(0).max(500),
  corner: Joi.number().min(0).max(2000),
  ...Object.fromEntries(STATES.map((state) => [state, thing(face)])),
};
export const required = (keys: Record<string, Joi.Schema>, optional: string[] = []) =>
  Object.fromEntries(
    Object.entries(keys).map(([key, schema]) => [key, optional.includes(key) ? schema : schema.required()]),
  );
export const textUse = thing({ style: id.required(), ...textLook });
export const boxUse = thing({ style: id.required(), ...boxLook });

const bound = Joi.number().min(0).max(FAR);
const axis = oneBy(
  'at',
  {
    'start|centre|end': { size: length.required(), own: share, to: id },
    stretch: { far: length.required() },
  },
  { offset: length.required(), least: bound, most: bound },
);
export const scalar = Joi.alternatives(Joi.boolean(), Joi.number(), words);
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
  through: Joi.valid(true),
  tooltip: words,
  role: oneOf(...ROLES),
  animations: list(animation),
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
export const fit = oneOf('contain', 'cover', 'stretch');
const look = textUse.required();
const box = boxUse.required();
const lines = Joi.array().items(words).max(MOST);
const pressable = { text: words.required(), look, box, sound: id };
const control = { ...pressable, value: id, sample: scalar };
const picture = { asset: id.allow(null).required(), from: id, fit: fit.required() };
const kinds: Record<ElementType, Joi.SchemaMap> = {
  panel: { box, arrange, overflow: oneOf('cut', 'scrolls'), wraps: oneOf(...WRAPS) },
  text: { text: words.required(), frames: textFrames, look },
  button: { ...pressable, shortcut: id },
  binding: {
    ...pressable,
    action: id.allow(null).required(),
    device: oneOf('keys', 'pad').required(),
    clash: oneOf('swap'),
  },
  picture: { ...picture, slice: insets },
  switch: control,
  slider: { ...control, least: Joi.number(), most: Joi.number() },
  choice: { ...control, options: lines },
  entry: control,
  tabs: { ...pressable, tabs: lines.required(), bar: bound.required(), value: id },
  list: { rows: lines.required(), rowHeight: Joi.number().min(1).max(FAR).required(), look, box },
  progress: { value: id, loading: Joi.valid(true), sample: share, box, bar: box },
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
export const elementSchema = oneBy('type', kinds, element);
