import { TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import type { Known, Scope } from '../expression';
import { asWords, writtenMark } from '../marks';
import {
  fitScalar,
  scalarWords,
  titleCase,
  type Action,
  type FieldType,
  type Id,
  type Scalar,
} from '../model';
import { readMessage } from './read';
import { reasonFor, type Reason, type TextTrouble } from './troubles';

/**
 * Texts with names in them, as ICU messages: `{oil}`, `{nights, plural, one {# night} other {# nights}}`, `{oil,
 * number}`.
 */

/** Words as they are written, or what a name holds. */
export type TextPart = string | NamedPart | ActionPart | MessagePart;
export interface NamedPart {
  /** `left`: the seconds until the link of that id is due. */
  what: 'value' | 'parameter' | 'left';
  id: Id;
  type: FieldType;
  /** What it holds for good. */
  held?: Scalar;
}
/** The key or pad button of an action, on the device in hand. */
export interface ActionPart {
  what: 'action';
  action: Action;
}
/** All of a text whose words depend on what its names hold. */
export interface MessagePart {
  what: 'message';
  /** As it is written, which is what is shown when it cannot be said. */
  written: string;
  language: string;
  /** What each argument is given: its words, or what it holds. */
  names: readonly { as: string; words: boolean; part: NamedPart | ActionPart }[];
}

/**
 * What a text is made of. What cannot be read as a message, and names that nothing goes by, stand as they are
 * written.
 */
export function textParts(text: string, scope: Scope, language = 'en'): TextPart[] {
  if (!text.includes('{')) return [text];
  if (!DEPENDS.test(text)) return simpleParts(text, scope);
  try {
    const part = messagePart(text, scope, language);
    return part ? [part] : [text];
  } catch {
    // Some messages parse but cannot be formatted: an unknown unit, a number with a hundred digits.
    return [text];
  }
}

function messagePart(text: string, scope: Scope, language: string): MessagePart | null {
  const read = readMessage(text);
  if ('error' in read) return null;
  const names = new Map<string, MessagePart['names'][number]>();
  for (const element of namedElements(read.elements)) {
    const part = partOf(scope, element.value);
    if (!part) return null;
    const words = element.type === TYPE.argument;
    const as = words ? inWords(element.value) : element.value;
    names.set(as, { as, words, part });
  }
  const part: MessagePart = { what: 'message', written: text, language, names: [...names.values()] };
  formatOf(part);
  return part;
}

type NamedElement = Exclude<MessageFormatElement, { type: TYPE.literal | TYPE.pound | TYPE.tag }>;

/** Whatever in a message asks for a name, with what is within its branches. */
export function namedElements(elements: readonly MessageFormatElement[]): NamedElement[] {
  return elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound || element.type === TYPE.tag) return [];
    if (element.type !== TYPE.plural && element.type !== TYPE.select) return [element];
    return [element, ...Object.values(element.options).flatMap((option) => namedElements(option.value))];
  });
}

/** An argument used as text has a name of its own, since the same value may be used as a number too. */
const inWords = (name: string): string => `${name} in words`;
const withWords = (elements: readonly MessageFormatElement[]): MessageFormatElement[] =>
  elements.map((element) => {
    if (element.type === TYPE.argument) return { ...element, value: inWords(element.value) };
    if (element.type !== TYPE.plural && element.type !== TYPE.select) return element;
    const options = Object.entries(element.options).map(([key, option]) => [
      key,
      { ...option, value: withWords(option.value) },
    ]);
    return { ...element, options: Object.fromEntries(options) as typeof element.options };
  });

/** What says messages, by language and words: what is compiled stays plain data. The oldest make way. */
const formats = new Map<string, IntlMessageFormat>();
const MAX_FORMATS = 5000;

/** Throws where there is no way to say a message at all. */
function formatOf({ written, language }: MessagePart): IntlMessageFormat {
  const key = `${language} ${written}`;
  const known = formats.get(key);
  if (known) return known;
  const read = readMessage(written);
  if ('error' in read) throw new Error(read.error);
  const format = new IntlMessageFormat(withWords(read.elements), knownLanguage(language));
  if (formats.size >= MAX_FORMATS) formats.delete(formats.keys().next().value!);
  formats.set(key, format);
  return format;
}

/** A language's own way with numbers and plurals; the one of English for a tag that names no language. */
function knownLanguage(code: string): string {
  try {
    return Intl.getCanonicalLocales(code)[0] ?? 'en';
  } catch {
    return 'en';
  }
}

/** A name with more than its words asked of it. */
export const DEPENDS = /\{\s*[^{}\s,]+\s*,/;

function simpleParts(text: string, scope: Scope): TextPart[] {
  const parts: TextPart[] = [];
  let at = 0;
  for (const match of text.matchAll(/\{\s*([^{}\s]+)\s*\}/g)) {
    const part = partOf(scope, match[1]!);
    if (!part) continue;
    if (match.index > at) parts.push(text.slice(at, match.index));
    parts.push('held' in part ? asWords(scalarWords(part.type, part.held)) : part);
    at = match.index + match[0].length;
  }
  if (at < text.length) parts.push(text.slice(at));
  return parts;
}

function partOf(scope: Scope, name: string): NamedPart | ActionPart | null {
  const known = knownIn(scope, name);
  if (known) {
    const { what, id, type, held } = known;
    if (held !== undefined) return { what: 'parameter', id, type, held };
    if (what === 'row') return { what: 'parameter', id, type };
    return what === 'value' || what === 'parameter' || what === 'left' ? { what, id, type } : null;
  }
  const action = scope.actions?.get(name);
  return action ? { what: 'action', action } : null;
}

/** What a name in a text stands for; `row.name` is what a row holds. */
function knownIn({ names, row, timer }: Scope, name: string): TextKnown | undefined {
  const known = names.get(name) ?? (name.startsWith('row.') ? row?.get(name.slice(4)) : undefined);
  if (known || name !== REMAINING || timer === undefined) return known;
  return { what: 'left', id: timer, type: { type: 'number' } };
}
type TextKnown = Known | { what: 'left'; id: Id; type: FieldType; held?: undefined };

/** What texts call the time that is left, where they show one. */
export const REMAINING = 'remaining';

/** What the names of texts stand for at a time. */
export interface Held {
  /** What a value or parameter holds. */
  named: (part: NamedPart) => Scalar | undefined;
  /** The code of an action on the device in hand. Absent, or where that has none: the action is called by its name. */
  code?: (action: Action) => string | undefined;
}

/**
 * Says a text, given what its names hold, with its marks; what values hold is never taken for one. What cannot be said with what
 * they hold is said as it is written.
 */
export const sayParts = (parts: readonly TextPart[], held: Held): string =>
  parts.map((part) => sayPart(part, held) ?? (part as MessagePart).written).join('');

/** One part in words; null when it cannot be said with what its names hold. */
function sayPart(part: TextPart, held: Held): string | null {
  if (typeof part === 'string') return part;
  if (part.what !== 'message') return wordsFor(part, held);
  const given = part.names.map(({ as, words, part: named }) => {
    if (words || named.what === 'action') return [as, wordsFor(named, held)] as const;
    return [as, plainly(named.held ?? held.named(named))] as const;
  });
  try {
    return String(formatOf(part).format(Object.fromEntries(given)));
  } catch {
    return null;
  }
}

function wordsFor(part: NamedPart | ActionPart, { named, code }: Held): string {
  if (part.what === 'action') {
    const now = code?.(part.action);
    return now === undefined ? asWords(titleCase(part.action.name)) : writtenMark({ mark: 'key', code: now });
  }
  const holds = part.held ?? named(part);
  const words = part.what === 'left' ? timeWords(Number(holds ?? 0)) : scalarWords(part.type, holds);
  // What a sentence tells is written by whoever made the game, marks and all.
  return part.what === 'parameter' && part.held === undefined ? words : asWords(words);
}

/** Seconds as a clock counts them down: 9, or 1:05. */
const timeWords = (seconds: number): string =>
  seconds < 60 ? `${seconds}` : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** On and off as they stand among the branches of a text; all else as it is. */
const plainly = (scalar: Scalar | undefined): string | number =>
  typeof scalar === 'boolean' ? (scalar ? 'on' : 'off') : (scalar ?? '');

/** What a text names, each as often as it is named. */
export function namesIn(text: string): string[] {
  if (!text.includes('{')) return [];
  const read = DEPENDS.test(text) ? readMessage(text) : null;
  if (!read || 'error' in read) return [...text.matchAll(/\{\s*([^{}\s,]+)\s*\}/g)].map(([, name]) => name!);
  return namedElements(read.elements).map((element) => element.value);
}

/** What is wrong with a text that names things; nothing when all of it can be said. */
export function textTroubles(text: string, scope: Scope): TextTrouble[] {
  if (!text.includes('{')) return [];
  if (!DEPENDS.test(text))
    return simpleParts(text, scope).flatMap((part) =>
      typeof part === 'string'
        ? [...part.matchAll(/\{\s*((?:row\.)?[\p{L}\p{N}_$]+)\s*\}/gu)].map(([, name]) => nobody(name!))
        : [],
    );
  const read = readMessage(text);
  if ('error' in read) {
    return [asWritten(text, reasonFor(read.error, 'braces'))];
  }
  const found = namedElements(read.elements).flatMap((element): TextTrouble[] => {
    const known = knownIn(scope, element.value);
    if (!known && scope.actions?.has(element.value))
      return element.type === TYPE.argument ? [] : [{ code: 'no number', params: { name: element.value } }];
    if (!known || known.what === 'field') return [nobody(element.value)];
    if (NUMBERS.has(element.type) && known.type.type !== 'number')
      return [{ code: 'no number', params: { name: element.value } }];
    return element.type === TYPE.select
      ? branchTroubles(element.value, known.type, Object.keys(element.options))
      : [];
  });
  return found.length > 0 ? found : sayTroubles(text, scope);
}

const asWritten = (text: string, reason: Reason, when = ''): TextTrouble => ({
  code: 'as written',
  params: { text, reason, when },
});

/**
 * Says a text as a run would, with the least, the most and what is between, and tells of what it cannot be said with.
 */
function sayTroubles(text: string, scope: Scope): TextTrouble[] {
  let part: MessagePart | null;
  try {
    part = messagePart(text, scope, 'en');
  } catch (error) {
    return [asWritten(text, reasonFor(error instanceof Error ? error.message : '', 'unsayable'))];
  }
  if (!part) return [];
  for (const pick of [0, 1, 2]) {
    const named = part.names.flatMap(({ part: of, ...rest }) =>
      of.what === 'action' ? [] : [{ ...rest, of }],
    );
    const held = new Map(named.map(({ of: { id, type } }) => [id, samplesOf(type)[pick]!]));
    if (sayPart(part, { named: ({ id }) => held.get(id) }) !== null) continue;
    const numbers = named.filter(({ words, of: { type } }) => !words && type.type === 'number');
    const when = numbers.map(({ as, of: { id } }) => `${as} is ${held.get(id)}`).join(' and ');
    return [asWritten(text, 'unsayable', pick > 0 ? when : '')];
  }
  return [];
}

/** What something of a type may hold: what it usually does, the most and the least. */
function samplesOf(type: FieldType): readonly [Scalar, Scalar, Scalar] {
  switch (type.type) {
    case 'number':
      return [fitScalar(type, 1) ?? 1, type.max ?? 1e17, type.min ?? -1e17];
    case 'on/off':
      return [true, false, true];
    case 'choice':
      return [type.options[0]?.id ?? '', type.options.at(-1)?.id ?? '', ''];
    default:
      return ['', 'x', ''];
  }
}

const NUMBERS: ReadonlySet<TYPE> = new Set([TYPE.number, TYPE.plural, TYPE.date, TYPE.time]);
const nobody = (name: string): TextTrouble => ({ code: 'unknown name', params: { name } });

/** Branches that nothing ever leads to. */
function branchTroubles(name: string, type: FieldType, branches: readonly string[]): TextTrouble[] {
  const known =
    type.type === 'choice'
      ? type.options.map((option) => option.id)
      : type.type === 'on/off'
        ? ['on', 'off']
        : null;
  if (!known) return [];
  return branches
    .filter((branch) => branch !== 'other' && !known.includes(branch))
    .map((branch) => ({ code: 'dead branch', params: { name, branch, known: known.join(', ') } }));
}
