import Joi from 'joi';
import { id, scalar } from '../../fields';

/** What a file has of one. */
export const component: Joi.SchemaMap = {
  component: id.required(),
  args: Joi.object().pattern(/^.{1,120}$/, scalar),
  changes: Joi.object().pattern(/^.{1,240}$/, Joi.object().unknown(true)),
};
