import type Joi from 'joi';
import { words } from '../../fields';
import { look } from '../described';

/** What a file has of one. */
export const spoken: Joi.SchemaMap = { text: words.required(), look };
