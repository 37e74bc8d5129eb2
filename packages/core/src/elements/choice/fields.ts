import type Joi from 'joi';
import { control, lines } from '../described';

/** What a file has of one. */
export const choice: Joi.SchemaMap = { ...control, options: lines };
