import type Joi from 'joi';
import { id, oneOf } from '../../fields';
import { pressable } from '../described';

/** What a file has of one. */
export const binding: Joi.SchemaMap = {
  ...pressable,
  action: id.allow(null).required(),
  device: oneOf('keys', 'pad').required(),
  clash: oneOf('swap'),
};
