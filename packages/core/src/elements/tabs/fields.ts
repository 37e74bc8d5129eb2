import type Joi from 'joi';
import { bound, id } from '../../fields';
import { lines, pressable, parts } from '../described';

/** What a file has of one. */
export const tabs: Joi.SchemaMap = {
  ...pressable,
  tabs: lines.required(),
  bar: bound.required(),
  value: id,
  parts: parts('tabs'),
};
