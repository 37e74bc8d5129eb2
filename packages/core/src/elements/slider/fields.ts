import Joi from 'joi';
import { control, parts } from '../described';

/** What a file has of one. */
export const slider: Joi.SchemaMap = {
  ...control,
  min: Joi.number(),
  max: Joi.number(),
  parts: parts('slider'),
};
