import type Joi from 'joi';
import { oneOf } from '../../fields';
import { box } from '../described';

/** What a file has of one. */
export const ellipse: Joi.SchemaMap = { box, overflow: oneOf('cut') };
