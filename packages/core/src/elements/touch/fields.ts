import type Joi from 'joi';
import { id, thing } from '../../fields';
import { DIRECTIONS } from '../../model';

/** What a file has of one. */
export const touch: Joi.SchemaMap = {
  acts: id,
  swipes: thing(Object.fromEntries(DIRECTIONS.map((direction) => [direction, id]))),
};
