import Joi from 'joi';
import { FAR } from '../../fields';
import { box, lines, look, parts } from '../described';

/** What a file has of one. */
export const list: Joi.SchemaMap = {
  rows: lines.required(),
  rowHeight: Joi.number().min(1).max(FAR).required(),
  look,
  box,
  parts: parts('list'),
};
