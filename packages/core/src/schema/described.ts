import Joi from 'joi';
import { duration, expression, id, name, oneOf } from '../fields';
import type { FieldWord } from '../walk';

/** What parameters or fields are given. */
export const told = Joi.object().pattern(/^.{1,120}$/, expression);

const SCHEMAS: Record<FieldWord & string, Joi.Schema> = {
  id: id.required(),
  'id?': id,
  'name?': name,
  duration: duration.required(),
  'duration?': duration,
  expression: expression.required(),
  'expression?': expression,
  'arguments?': told,
};

const schemaOf = (word: FieldWord): Joi.Schema =>
  typeof word === 'string' ? SCHEMAS[word] : oneOf(...word).required();

/**
 * The schemas of types by their names, from what they say of their own fields; those of the same fields stand
 * together.
 */
export function described(
  types: Record<string, { fields: Record<string, FieldWord> }>,
): Record<string, Joi.SchemaMap> {
  const alike = new Map<string, { names: string[]; fields: Record<string, FieldWord> }>();
  for (const [name, { fields }] of Object.entries(types)) {
    const known = alike.get(JSON.stringify(fields));
    if (known) known.names.push(name);
    else alike.set(JSON.stringify(fields), { names: [name], fields });
  }
  return Object.fromEntries(
    [...alike.values()].map(({ names, fields }) => [
      names.join('|'),
      Object.fromEntries(Object.entries(fields).map(([field, word]) => [field, schemaOf(word)])),
    ]),
  );
}
