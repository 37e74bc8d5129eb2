import Joi from 'joi';
import { BLENDS, FACE_FITS, MARKER_SIDES, PICTURE_FITS, STATES } from '../model';
import { colour, duration, FAR, id, length, list, oneBy, oneOf, pixels, share, thing, words } from './atoms';
import { keyframes } from './motions';

/** How things look, and where they stand. */

/** A length in design pixels. */
export const bound = Joi.number().min(0).max(FAR);

export const shadow = thing({
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
/** How many further outlines, or shadows, letters may have. */
const MOST_EDGES = 8;

export const textLook = {
  font: id,
  size: Joi.number().min(1).max(2000),
  weight: Joi.number().integer().min(100).max(900),
  italic: Joi.valid(true),
  colour,
  align: oneOf('start', 'centre', 'end'),
  line: Joi.number().min(0.5).max(5),
  letters: Joi.number().min(-200).max(500),
  figures: oneOf('even'),
  arc: Joi.number().min(-360).max(360),
  stand: oneOf('top', 'middle', 'bottom'),
  wrap: oneOf('wrap', 'cut'),
  fit: thing({
    min: Joi.number().min(1).max(2000).required(),
    max: Joi.number().min(1).max(2000).required(),
  }),
  gradient,
  picture: id,
  outline,
  outlines: list(outline, MOST_EDGES),
  shadow,
  shadows: list(shadow, MOST_EDGES),
};
export const TEXT_EXTRAS = [
  'italic',
  'letters',
  'figures',
  'arc',
  'stand',
  'wrap',
  'fit',
  'gradient',
  'picture',
  'outline',
  'outlines',
  'shadow',
  'shadows',
];
/** Design pixels, or a picture's own, in from each edge. */
export const insets = thing({
  top: bound.required(),
  right: bound.required(),
  bottom: bound.required(),
  left: bound.required(),
});
const facePicture = thing({
  asset: id.required(),
  fit: oneOf(...FACE_FITS).required(),
  slice: insets,
  scale: Joi.number().min(0.01).max(100),
  tint: colour,
  opacity: share,
  blend: oneOf(...BLENDS),
  under: Joi.valid(true),
});
const face = {
  grow: Joi.number().min(0.1).max(10),
  nudge: thing({ x: pixels.required(), y: pixels.required() }),
  sound: id,
  fill: colour,
  border: colour,
  ink: colour,
  gradient,
  picture: Joi.alternatives(oneOf('none'), facePicture),
  shadow,
  outline,
};
export const BOX_EXTRAS = [
  'ink',
  'grow',
  'nudge',
  'sound',
  'fades',
  'gradient',
  'picture',
  'shadow',
  'outline',
  'dashes',
  'marker',
  ...STATES,
];
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
  fades: duration,
  borderWidth: Joi.number().min(0).max(500),
  corner: Joi.number().min(0).max(2000),
  dashes: thing({
    dash: Joi.number().min(0.1).max(2000).required(),
    gap: Joi.number().min(0.1).max(2000).required(),
  }),
  ...Object.fromEntries(STATES.map((state) => [state, thing(face)])),
};
export const required = (keys: Record<string, Joi.Schema>, optional: string[] = []) =>
  Object.fromEntries(
    Object.entries(keys).map(([key, schema]) => [key, optional.includes(key) ? schema : schema.required()]),
  );
export const textUse = thing({ style: id.required(), ...textLook });
export const boxUse = thing({ style: id.required(), ...boxLook });
export const partUse = thing({ style: id.required(), ...boxLook, width: bound, height: bound });

export const axis = oneBy(
  'at',
  {
    'start|centre|end': { size: length.required(), own: share, to: id },
    stretch: { far: length.required() },
  },
  { offset: length.required(), min: bound, max: bound },
);
export const scalar = Joi.alternatives(Joi.boolean(), Joi.number(), words);
export const fit = oneOf(...PICTURE_FITS);
export const mask = thing({ asset: id.required(), fit: fit.required() });
