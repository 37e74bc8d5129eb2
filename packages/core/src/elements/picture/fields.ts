import type Joi from 'joi';
import { insets } from '../../fields';
import { pictured } from '../described';

/** What a file has of one. */
export const picture: Joi.SchemaMap = { ...pictured, slice: insets };
