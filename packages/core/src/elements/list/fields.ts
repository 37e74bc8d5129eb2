import Joi from 'joi';
import { expression, FAR, id, list as listOf, thing } from '../../fields';
import { box, lines, look, parts } from '../described';

/** By how many fields rows can be put in order. */
const MOST_SORTS = 3;

/** What a file has of one. */
export const list: Joi.SchemaMap = {
  rows: lines.required(),
  rowHeight: Joi.number().min(1).max(FAR).required(),
  look,
  box,
  parts: parts('list'),
  list: id,
  row: id,
  told: Joi.object().pattern(/^.{1,120}$/, id.allow(null)),
  across: Joi.valid(true),
  columns: Joi.number().integer().min(1).max(100),
  gap: Joi.number().min(0).max(FAR),
  sort: listOf(thing({ by: id.required(), down: Joi.valid(true) }), MOST_SORTS),
  filter: expression,
  empty: id,
  waiting: id,
  failed: id,
  open: id,
};
