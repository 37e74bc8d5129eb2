import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import type { Known, Scope } from '../expression';
import { scalarWords, type FieldType, type Id, type Scalar } from '../model';

/** Texts with names in them, as ICU messages: `{oil}`, `{nights, plural, one {# night} other {# nights}}`, `{oil, number}`. */

/** Plain words, or what a name holds. */
export type TextPart = string | NamedPart | MessagePart;
export interface NamedPart {
  what: 'value' | 'parameter';
  id: Id;
  type: FieldType;
}
/** All of a text whose words depend on what its names hold. */
export interface MessagePart {
  what: 'message';
  format: IntlMessageFormat;
  /** What each argument is given: its words, or what it holds. */
  names: readonly { as: string; words: boolean; part: NamedPart }[];
}

/** What a text is made of. What cannot be read as a message, and names that nothing goes by, stand as they are written. */
export function textParts(text: string, scope: Scope, language = 'en'): TextPart[] {
  if (!text.includes('{')) return [text];
  if (!DEPENDS.test(text)) return simpleParts(text, scope);
  const read = readMessage(text);
  if ('error' in read) return [text];
  const names = new Map<string, MessagePart['names'][number]>();
  let lost = false;
  const named = (elements: readonly MessageFormatElement[]): MessageFormatElement[] =>
    elements.map((element) => {
      if (element.type === TYPE.literal || element.type === TYPE.pound || element.type === TYPE.tag)
        return element;
      const part = partOf(scope, element.value);
      if (!part) lost = true;
      else {
        const words = element.type === TYPE.argument;
        const as = words ? `${element.value} in words` : element.value;
        names.set(as, { as, words, part });
        if (words) return { ...element, value: as };
      }
      if (element.type !== TYPE.plural && element.type !== TYPE.select) return element;
      const options = Object.entries(element.options).map(([key, option]) => [
        key,
        { ...option, value: named(option.value) },
      ]);
      return { ...element, options: Object.fromEntries(options) as typeof element.options };
    });
  const elements = named(read.elements);
  if (lost) return [text];
  return [{ what: 'message', format: new IntlMessageFormat(elements, language), names: [...names.values()] }];
}

/** A name with more than its words asked of it. */
const DEPENDS = /\{\s*[^{}\s,]+\s*,/;

function simpleParts(text: string, scope: Scope): TextPart[] {
  const parts: TextPart[] = [];
  let at = 0;
  for (const match of text.matchAll(/\{\s*([^{}\s]+)\s*\}/g)) {
    const part = partOf(scope, match[1]!);
    if (!part) continue;
    if (match.index > at) parts.push(text.slice(at, match.index));
    parts.push(part);
    at = match.index + match[0].length;
  }
  if (at < text.length) parts.push(text.slice(at));
  return parts;
}

function partOf(scope: Scope, name: string): NamedPart | null {
  const known = scope.names.get(name);
  return known && known.what !== 'field' ? { what: known.what, id: known.id, type: known.type } : null;
}

/** Says a text, given what its names hold. */
export function sayParts(parts: readonly TextPart[], held: (part: NamedPart) => Scalar | undefined): string {
  return parts
    .map((part) => {
      if (typeof part === 'string') return part;
      if (part.what !== 'message') return scalarWords(part.type, held(part));
      const given = part.names.map(({ as, words, part: named }) => {
        const now = held(named);
        return [as, words ? scalarWords(named.type, now) : plainly(now)] as const;
      });
      return String(part.format.format(Object.fromEntries(given)));
    })
    .join('');
}

/** On and off as they stand among the branches of a text; all else as it is. */
const plainly = (scalar: Scalar | undefined): string | number =>
  typeof scalar === 'boolean' ? (scalar ? 'on' : 'off') : (scalar ?? '');

function readMessage(text: string): { elements: MessageFormatElement[] } | { error: string } {
  try {
    return { elements: parse(text, { ignoreTag: true, requiresOtherClause: true }) };
  } catch (error) {
    return { error: error instanceof Error ? error.message : '' };
  }
}

const REASONS: [RegExp, string][] = [
  [/MISSING_OTHER_CLAUSE/, 'it needs an “other {…}” for all that is not named'],
  [/UNCLOSED|UNMATCHED|EXPECT_ARGUMENT_CLOSING/, 'a brace is not closed'],
  [
    /INVALID_ARGUMENT_TYPE|EXPECT_ARGUMENT_TYPE/,
    'after the comma stands plural, selectordinal, select or number',
  ],
  [
    /EXPECT_.*SELECTOR|INVALID_PLURAL/,
    'after “plural,” or “select,” stand branches, such as one {…} other {…}',
  ],
  [/DUPLICATE/, 'it has one branch twice'],
  [/SKELETON|NUMBER/, 'that is no way to write a number'],
];

/** What is wrong with a text that names things, in words; nothing when all of it can be said. */
export function textTroubles(text: string, scope: Scope): string[] {
  if (!text.includes('{')) return [];
  if (!DEPENDS.test(text))
    return simpleParts(text, scope).flatMap((part) =>
      typeof part === 'string'
        ? [...part.matchAll(/\{\s*([\p{L}\p{N}_$]+)\s*\}/gu)].map(([, name]) => nobody(name!))
        : [],
    );
  const read = readMessage(text);
  if ('error' in read) {
    const why = REASONS.find(([code]) => code.test(read.error))?.[1] ?? 'its braces cannot be read';
    return [`“${text.slice(0, 60)}” is said as it is written: ${why}.`];
  }
  const found: string[] = [];
  const look = (elements: readonly MessageFormatElement[]): void => {
    for (const element of elements) {
      if (element.type === TYPE.literal || element.type === TYPE.pound || element.type === TYPE.tag) continue;
      const known: Known | undefined = scope.names.get(element.value);
      if (!known || known.what === 'field') found.push(nobody(element.value));
      else if (NUMBERS.has(element.type) && known.type.type !== 'number')
        found.push(`{${element.value}} is asked for as a number, and is none.`);
      else if (element.type === TYPE.select)
        found.push(...branchTroubles(element.value, known.type, Object.keys(element.options)));
      if (element.type === TYPE.plural || element.type === TYPE.select)
        for (const option of Object.values(element.options)) look(option.value);
    }
  };
  look(read.elements);
  return found;
}

const NUMBERS: ReadonlySet<TYPE> = new Set([TYPE.number, TYPE.plural]);
const nobody = (name: string): string => `It says {${name}}, and there is nothing called that.`;

/** Branches that nothing ever leads to. */
function branchTroubles(name: string, type: FieldType, branches: readonly string[]): string[] {
  const known =
    type.type === 'choice'
      ? type.options.map((each) => each.id)
      : type.type === 'on/off'
        ? ['on', 'off']
        : null;
  if (!known) return [];
  return branches
    .filter((branch) => branch !== 'other' && !known.includes(branch))
    .map((branch) => `{${name}} is never “${branch}”; it can be ${known.join(', ')}.`);
}
