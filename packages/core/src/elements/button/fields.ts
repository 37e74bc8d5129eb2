import type Joi from 'joi';
import { id } from '../../fields';
import { pressable } from '../described';

/** What a file has of one. */
export const button: Joi.SchemaMap = { ...pressable, shortcut: id, acts: id, timer: id };
