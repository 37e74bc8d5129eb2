/** What a text can have wrong with it, and how that is said to whoever wrote it. */

const REASONS = {
  'no other': 'it needs an “other {…}” for all that is not named',
  'open brace': 'a brace is not closed',
  'unknown form': 'after the comma stands plural, selectordinal, select or number',
  'no branches': 'after “plural,” or “select,” stand branches, such as one {…} other {…}',
  'branch twice': 'it has one branch twice',
  currency: 'that is no currency; write ::currency/EUR, say',
  unit: 'that is no unit that numbers are written in',
  number: 'that is no way to write a number',
  date: 'that is no way to write a date or time',
  braces: 'its braces cannot be read',
  unsayable: 'there is no way to say that',
};
export type Reason = keyof typeof REASONS;

/** By what the reader of messages, or what says them, calls a fault. */
const CALLED: readonly [RegExp, Reason][] = [
  [/MISSING_OTHER_CLAUSE/, 'no other'],
  [/UNCLOSED|UNMATCHED|EXPECT_ARGUMENT_CLOSING/, 'open brace'],
  [/INVALID_ARGUMENT_TYPE|EXPECT_ARGUMENT_TYPE/, 'unknown form'],
  [/EXPECT_.*SELECTOR|INVALID_PLURAL/, 'no branches'],
  [/DUPLICATE/, 'branch twice'],
  [/currency/i, 'currency'],
  [/unit/i, 'unit'],
  [/digits|SKELETON|NUMBER|fraction|precision/i, 'number'],
  [/DATE|TIME/, 'date'],
];

export const reasonFor = (called: string, otherwise: Reason): Reason =>
  CALLED.find(([pattern]) => pattern.test(called))?.[1] ?? otherwise;

const THINGS = { style: 'the text style', colour: 'the colour', picture: 'the picture' };

const SAYS = {
  'unknown name': (p: { name: string }) => `It says {${p.name}}, and there is nothing called that.`,
  'no number': (p: { name: string }) => `{${p.name}} is asked for as a number, and is none.`,
  'dead branch': (p: { name: string; branch: string; known: string }) =>
    `{${p.name}} is never “${p.branch}”; it can be ${p.known}.`,
  'nothing marked': (p: { of: keyof typeof THINGS; name: string }) =>
    `It is marked with ${THINGS[p.of]} “${p.name}”, and there is none called that.`,
  'as written': (p: { text: string; reason: Reason; when: string }) =>
    `“${p.text.slice(0, 60)}” is said as it is written: ${REASONS[p.reason]}${p.when && ` when ${p.when}`}.`,
};
type Says = typeof SAYS;

/** Something of a text that cannot be said, as data. */
export type TextTrouble = { [C in keyof Says]: { code: C; params: Parameters<Says[C]>[0] } }[keyof Says];

/** The same in words. */
export const textTroubleWords = ({ code, params }: TextTrouble): string => SAYS[code](params as never);
