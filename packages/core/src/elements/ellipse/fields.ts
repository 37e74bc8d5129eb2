import type Joi from 'joi';
import { box } from '../described';

/** What a file has of one. */
export const ellipse: Joi.SchemaMap = { box };
