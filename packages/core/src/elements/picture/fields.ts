import type Joi from 'joi';
import { insets, pictured } from '../described';

/** What a file has of one. */
export const picture: Joi.SchemaMap = { ...pictured, slice: insets };
