import Joi from 'joi';
import { control } from '../described';

/** What a file has of one. */
export const slider: Joi.SchemaMap = { ...control, least: Joi.number(), most: Joi.number() };
