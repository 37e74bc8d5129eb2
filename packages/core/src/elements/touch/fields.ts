import type Joi from 'joi';

/** What a file has of one. */
export const touch: Joi.SchemaMap = {};
