import { refusal, type Problem, type Refusal } from '../refusal';
import { nearest } from '../expression';

/** What Joi tells of one thing that is wrong. */
export interface Detail {
  message: string;
  path: readonly (string | number)[];
  type: string;
  context?: Record<string, unknown>;
}

/** A path into a project file as people write it: `screens[3].elements[0].name`. */
export const placeOf = (path: readonly (string | number)[]): string =>
  path
    .map((part) => (typeof part === 'number' ? `[${part}]` : `.${part}`))
    .join('')
    .replace(/^\./, '') || 'the whole file';

/**
 * What Joi reports as a problem with a code, its parameters and its place.
 * @param within the path of what was validated, when that is a part of the file
 */
export function explain(detail: Detail, within: readonly (string | number)[] = []): Problem {
  const found = innermost(detail);
  return { ...refusalOf(found), place: placeOf([...within, ...found.path]) };
}

/** Of all alternatives the one that fits best: the one whose first problem lies deepest. */
function innermost(detail: Detail): Detail {
  const inner =
    detail.type === 'alternatives.match' ? (detail.context?.details as Detail[] | undefined) : undefined;
  if (!inner?.length) return detail;
  const depth = (item: Detail): number => item.path.length - (item.type === 'any.required' ? 0.5 : 0);
  return innermost([...inner].sort((a, b) => depth(b) - depth(a))[0]!);
}

/** What another tool, or another trade, calls the same. */
const ALIKE: Record<string, readonly string[]> = {
  centre: ['middle', 'center', 'mid'],
  middle: ['centre', 'center'],
  start: ['left', 'top', 'begin'],
  end: ['right', 'bottom', 'finish'],
  none: ['off', 'no', 'null', 'false'],
};

const SORTS: Record<string, string> = {
  string: 'a text',
  number: 'a number',
  boolean: 'true or false',
  object: 'an object',
  array: 'a list',
};

function refusalOf({ type, context = {}, message }: Detail): Refusal {
  const { value, limit } = context as { value?: unknown; limit?: unknown };
  const is = shown(value);
  switch (type) {
    case 'any.required':
      return refusal('required');
    case 'any.only':
      return among(
        (context.valids as unknown[]).filter((valid) => valid !== null),
        value,
      );
    case 'any.invalid':
      return refusal('reserved word', { is });
    case 'alternatives.types':
      return among(
        (context.types as string[]).map((word) => SORTS[word] ?? word),
        value,
      );
    case 'string.empty':
      return refusal('empty text');
    case 'string.pattern.name':
      return refusal('should be', { what: String(context.name), is });
    case 'string.max':
      return refusal('too long', { max: Number(limit), has: String(value).length });
    case 'number.min':
      return refusal('too small', { min: String(limit), is });
    case 'number.max':
      return refusal('too large', { max: String(limit), is });
    case 'number.integer':
      return refusal('should be', { what: 'a whole number', is });
    case 'array.max':
      return refusal('too many', { max: Number(limit), has: (value as unknown[]).length });
    case 'object.unknown':
      return refusal('unknown key');
  }
  const [sort, what] = type.split('.');
  if (what === 'base' && sort && SORTS[sort]) return refusal('should be', { what: SORTS[sort], is });
  // Joi's messages begin with the quoted path, which stands in the place already.
  return refusal('fault', { says: message.replace(/^"[^"]*" /, 'It ') });
}

/** What it can be, and which of that was meant, perhaps. */
function among(allowed: readonly unknown[], value: unknown): Refusal {
  const known = allowed.map(String);
  const meant =
    typeof value === 'string'
      ? (known.find((word) => ALIKE[word]?.includes(value.toLowerCase())) ?? nearest(value, known))
      : null;
  return refusal('none of these', { known, is: shown(value), meant });
}

/** A value as it is quoted. */
function shown(value: unknown): string {
  if (value === undefined) return 'missing';
  if (value === null) return 'null';
  if (Array.isArray(value)) return `a list of ${value.length}`;
  if (typeof value === 'object') return 'an object';
  return typeof value === 'string'
    ? `“${value.length > 40 ? `${value.slice(0, 40)}…` : value}”`
    : String(value);
}
