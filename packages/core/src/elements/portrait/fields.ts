import Joi from 'joi';
import { box, pictured } from '../described';

/** What a file has of one. */
export const portrait: Joi.SchemaMap = { ...pictured, box, flipped: Joi.boolean() };
