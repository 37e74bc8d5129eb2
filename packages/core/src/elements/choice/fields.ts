import Joi from 'joi';
import { id, oneOf } from '../../fields';
import { control, lines, parts } from '../described';

/** What a file has of one. */
export const choice: Joi.SchemaMap = {
  ...control,
  options: lines,
  pictures: Joi.object().pattern(/^.{1,120}$/, id),
  pictured: oneOf('above', 'alone'),
  parts: parts('choice'),
};
