import type Joi from 'joi';
import { control, parts } from '../described';

/** What a file has of one. */
export const toggle: Joi.SchemaMap = { ...control, parts: parts('switch') };
