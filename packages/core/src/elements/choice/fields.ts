import type Joi from 'joi';
import { control, lines, parts } from '../described';

/** What a file has of one. */
export const choice: Joi.SchemaMap = { ...control, options: lines, parts: parts('choice') };
