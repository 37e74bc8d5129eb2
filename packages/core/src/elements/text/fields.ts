import type Joi from 'joi';
import { id, textFrames, words } from '../../fields';
import { look } from '../described';

/** What a file has of one. */
export const text: Joi.SchemaMap = { text: words.required(), frames: textFrames, timer: id, look };
