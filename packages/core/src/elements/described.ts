import Joi from 'joi';
import {
  animation,
  axis,
  boxUse,
  colour,
  expression,
  fit,
  id,
  list,
  mask,
  MAX_ITEMS,
  name,
  notes,
  oneOf,
  partUse,
  scalar,
  shadow,
  share,
  textUse,
  thing,
  words,
} from '../fields';
import { BLENDS, PARTS, ROLES } from '../model';

/** What elements of several types have in common, as a file has it. */

/** All of them. */
export const common = {
  id: id.required(),
  name: name.required(),
  parent: id.allow(null).required(),
  place: thing({ x: axis.required(), y: axis.required() }).required(),
  lift: Joi.number().integer().min(-1000).max(1000),
  turn: Joi.number().min(-3600).max(3600),
  opacity: share,
  blend: oneOf(...BLENDS),
  tint: colour,
  shadow,
  mask,
  shownWhen: expression,
  enabledWhen: expression,
  only: oneOf('touch'),
  reach: Joi.number().min(0).max(1000),
  through: Joi.valid(true),
  exact: Joi.valid(true),
  tooltip: words,
  role: oneOf(...ROLES),
  animations: list(animation),
  editing: thing({ hidden: Joi.boolean(), locked: Joi.boolean() }),
  notes,
  layer: thing({
    file: name.required(),
    path: Joi.string().max(2000).required(),
    x: Joi.number().required(),
    y: Joi.number().required(),
    opacity: share.required(),
    hidden: Joi.valid(true),
    blend: oneOf(...BLENDS),
    mark: Joi.string().max(80),
  }),
};
export const look = textUse.required();
export const box = boxUse.required();
/** The looks of its parts, by their names. */
export const parts = (type: keyof typeof PARTS): Joi.Schema =>
  thing(Object.fromEntries(PARTS[type].map((name) => [name, partUse])));
export const lines = Joi.array().items(words).max(MAX_ITEMS);
export const pressable = { text: words.required(), look, box, sound: id };
export const control = { ...pressable, value: id, sample: scalar };
export const pictured = { asset: id.allow(null).required(), from: id, fit: fit.required() };
