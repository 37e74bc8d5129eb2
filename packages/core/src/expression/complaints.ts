import type { Kind } from './check';

/** What an expression can have wrong with it, and how that is said to whoever wrote it. */

const KINDS: Record<Kind, string> = { 'on/off': 'on or off', number: 'a number', text: 'a text' };
const meant = (near: string | null): string => (near === null ? '' : ` Did you mean ${near}?`);

const SAYS = {
  'too long': (p: { max: number; length: number }) =>
    `An expression can have ${p.max} characters; this has ${p.length}.`,
  'too deep': () => 'This is nested too deep.',
  empty: () => 'Write a condition, such as oil < 20.',
  'open text': () => 'A text has to end with the quote it began with.',
  'open bracket': () => 'A bracket is still open.',
  'one equals sign': () => 'To compare, write ==. A condition changes nothing.',
  spelled: (p: { as: string; sign: string }) => `For “${p.as}”, write ${p.sign}.`,
  'strange sign': (p: { sign: string }) => `“${p.sign}” cannot stand in an expression.`,
  misplaced: (p: { text: string }) => `“${p.text}” cannot stand here.`,
  unfinished: () => 'Something is missing at the end.',
  'half a choice': () => 'After ? comes one thing, then : and the other.',
  'wrong kind': (p: { wanted: Kind; kind: Kind }) =>
    `This should be ${KINDS[p.wanted]}; it is ${KINDS[p.kind]}.`,
  'two kinds': (p: { kind: Kind }) => `Both ways should give the same: ${KINDS[p.kind]}.`,
  'never equal': (p: { left: Kind; right: Kind }) =>
    `${KINDS[p.left]} and ${KINDS[p.right]} are never the same.`,
  'no option': (p: { options: string }) => `This is none of its options: ${p.options}.`,
  'unknown function': (p: { name: string; near: string | null }) =>
    `There is no ${p.name}( ).${meant(p.near)}`,
  'no arguments': (p: { name: string }) => `${p.name} needs at least one number.`,
  'wrong count': (p: { name: string; takes: number; shape: string }) =>
    `${p.name} takes ${p.takes === 0 ? 'nothing' : p.takes} in its brackets: ${p.shape}.`,
  'no list': (p: { name: string; near: string | null }) =>
    `${p.name}( ) is asked of a list, and this is none.${meant(p.near)}`,
  'bare list': (p: { name: string }) =>
    `${p.name} is a list. Ask for something in it, such as count(${p.name}).`,
  'bare row': (p: { shape: string }) => `This is a whole row. Ask for one of its fields, such as ${p.shape}.`,
  'no row': () => 'Only what is pressed in a row of a list can ask for what that row holds.',
  'no field': () => 'After the point comes the name of a field.',
  'no fields': () => 'Only rows of lists have fields.',
  'unknown field': (p: { name: string; near: string | null; fields: string }) =>
    `Its rows have no ${p.name}.${p.near === null ? ` They have ${p.fields}.` : meant(p.near)}`,
  'no screen name': () => 'Here stands the name of a screen.',
  'unknown screen': (p: { name: string; near: string | null }) =>
    `There is no screen “${p.name}”.${meant(p.near)}`,
  'unknown name': (p: { name: string; near: string | null }) =>
    `There is nothing called ${p.name}.${meant(p.near)}`,
  // While a run works it out.
  unreadable: () => 'It cannot be read.',
  'holds nothing': (p: { name: string }) => `${p.name} holds nothing.`,
  'no number': () => 'It comes to no number.',
};
type Says = typeof SAYS;
export type ComplaintCode = keyof Says;
type ParamsOf<C extends ComplaintCode> = Parameters<Says[C]> extends [infer P] ? P : undefined;

/** What is wrong, as data. */
export interface Why {
  code: ComplaintCode;
  params: Readonly<Record<string, string | number | null>>;
}

export const why = <C extends ComplaintCode>(
  code: C,
  ...params: ParamsOf<C> extends undefined ? [] : [ParamsOf<C>]
): Why => ({ code, params: (params[0] ?? NONE) as Why['params'] });
const NONE: Why['params'] = {};

/** What is wrong, in words. */
export const whyWords = ({ code, params }: Why): string => SAYS[code](params as never);
