import { nearest } from '../expression';

/** What Joi tells of one thing that is wrong. */
export interface Detail {
  message: string;
  path: readonly (string | number)[];
  type: string;
  context?: Record<string, unknown>;
}

/** Where a document is wrong and why, in words for the person who opened it. */
export interface Problem {
  /** Such as `screens[2].elements[0].place`, or `line 12, column 4`. */
  place: string;
  reason: string;
}

/** A path as people write it. */
export const placeOf = (path: readonly (string | number)[]): string =>
  path
    .map((part) => (typeof part === 'number' ? `[${part}]` : `.${part}`))
    .join('')
    .replace(/^\./, '') || 'the whole file';

export function explain(detail: Detail, within: readonly (string | number)[] = []): Problem {
  const found = innermost(detail);
  return { place: placeOf([...within, ...found.path]), reason: reasonOf(found).slice(0, 400) };
}

/** Of all that something could have been, what it comes closest to: where the first thing that is wrong lies deepest. */
function innermost(detail: Detail): Detail {
  const inner =
    detail.type === 'alternatives.match' ? (detail.context?.details as Detail[] | undefined) : undefined;
  if (!inner?.length) return detail;
  const depth = (each: Detail): number => each.path.length - (each.type === 'any.required' ? 0.5 : 0);
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

function reasonOf({ type, context = {}, message }: Detail): string {
  const { value, limit } = context as { value?: unknown; limit?: unknown };
  const it = shown(value);
  switch (type) {
    case 'any.required':
      return 'It is required.';
    case 'any.only':
      return among(
        (context.valids as unknown[]).filter((each) => each !== null),
        value,
      );
    case 'any.invalid':
      return `${it} is a word that every object of a program has, and can be no id.`;
    case 'alternatives.types':
      return among(
        (context.types as string[]).map((each) => SORTS[each] ?? each),
        value,
      );
    case 'string.empty':
      return 'It cannot be empty.';
    case 'string.pattern.name':
      return `It should be ${String(context.name)}; it is ${it}.`;
    case 'string.max':
      return `It can have ${String(limit)} characters at most; it has ${String(value).length}.`;
    case 'number.min':
      return `It can be ${String(limit)} at least; it is ${it}.`;
    case 'number.max':
      return `It can be ${String(limit)} at most; it is ${it}.`;
    case 'number.integer':
      return `It should be a whole number; it is ${it}.`;
    case 'array.max':
      return `It can hold ${String(limit)} things at most; it holds ${(value as unknown[]).length}.`;
    case 'object.unknown':
      return 'A key of this name cannot stand here.';
  }
  const [sort, what] = type.split('.');
  if (what === 'base' && sort && SORTS[sort]) return `It should be ${SORTS[sort]}; it is ${it}.`;
  // Joi's messages begin with the quoted path, which stands in the place already.
  return message.replace(/^"[^"]*" /, 'It ');
}

/** What it can be, and which of that was meant, perhaps. */
function among(allowed: readonly unknown[], value: unknown): string {
  const words = allowed.map(String);
  const meant =
    typeof value === 'string'
      ? (words.find((each) => ALIKE[each]?.includes(value.toLowerCase())) ?? nearest(value, words))
      : null;
  const list = words.length > 1 ? `${words.slice(0, -1).join(', ')} or ${words.at(-1)}` : words[0];
  return `It can be ${list}; it is ${shown(value)}.${meant === null ? '' : ` Did you mean ${meant}?`}`;
}

function shown(value: unknown): string {
  if (value === undefined) return 'missing';
  if (value === null) return 'null';
  if (Array.isArray(value)) return `a list of ${value.length}`;
  if (typeof value === 'object') return 'an object';
  return typeof value === 'string'
    ? `“${value.length > 40 ? `${value.slice(0, 40)}…` : value}”`
    : String(value);
}
