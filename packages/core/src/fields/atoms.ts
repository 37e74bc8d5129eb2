import Joi from 'joi';
import { LONGEST_EXPRESSION } from '../expression';
import { MAX_ITEMS, MAX_LINKS } from '../limits';
import { DURATION_PATTERN, LONGEST_NAME } from '../model';

/** What documents are made of at their smallest, with their limits. */

export { MAX_ITEMS, MAX_LINKS };
/** Design pixels; further out nothing can be seen or meant. */
export const FAR = 100_000;

/** Names that every object of JavaScript has: what is kept by id would be looked for under them. */
const TAKEN = Object.getOwnPropertyNames(Object.prototype);
export const id = Joi.string()
  .min(1)
  .max(120)
  .invalid(...TAKEN);
export const name = Joi.string().min(1).max(LONGEST_NAME);
export const words = Joi.string().allow('').max(20_000);
/** A colour, or the id of one of the project's. */
export const colour = Joi.string()
  .pattern(/^(#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?|[a-zA-Z][\w-]*)$/, 'a colour such as #16324d')
  .max(120);
export const duration = Joi.string().pattern(DURATION_PATTERN, 'a duration such as 280 ms').max(40);
export const pixels = Joi.number().min(-FAR).max(FAR);
export const length = Joi.alternatives(
  pixels,
  Joi.string()
    .pattern(/^-?\d+(?:\.\d+)?%$/, 'a percentage such as 40%')
    .max(20),
);
export const share = Joi.number().min(0).max(1);
export const list = (item: Joi.Schema, max = MAX_ITEMS) => Joi.array().items(item).max(max);
export const thing = (keys: Joi.SchemaMap) => Joi.object(keys).unknown(true);
/**
 * One of several things, told by the words of one field: what is wrong with it is then told by the field that is wrong, not by
 * all that it could have been. Words that share their keys stand together, with a stroke between.
 */
export const oneBy = (field: string, table: Record<string, Joi.SchemaMap>, common: Joi.SchemaMap = {}) => {
  const names = (key: string): string[] => key.split('|');
  const all = Object.keys(table).flatMap(names);
  return Joi.alternatives().conditional(`.${field}`, {
    switch: Object.entries(table).map(([key, keys]) => ({
      is: Joi.valid(...names(key)).required(),
      then: thing({ [field]: Joi.valid(...names(key)).required(), ...common, ...keys }),
    })),
    otherwise: thing({ [field]: Joi.valid(...all).required() }),
  });
};
/** One of these values, compared strictly. */
export const oneOf = (...values: (string | number)[]) => Joi.valid(...values);
export const expression = Joi.string().min(1).max(LONGEST_EXPRESSION);
