import Joi from 'joi';
import { oneOf, share } from '../../fields';
import { box, parts } from '../described';

/** What a file has of one. */
export const stick: Joi.SchemaMap = {
  box,
  parts: parts('stick'),
  size: Joi.number().min(1).max(4000).required(),
  floats: Joi.valid(true),
  dead: share,
  ways: Joi.valid(4, 8),
  tells: oneOf('directions', 'axis'),
};
