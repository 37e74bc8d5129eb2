import type Joi from 'joi';
import { id } from '../../fields';
import { pressable } from '../described';

/** What a file has of one. */
export const prompt: Joi.SchemaMap = { ...pressable, action: id.allow(null).required() };
