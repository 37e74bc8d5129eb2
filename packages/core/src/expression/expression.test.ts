import fc from 'fast-check';
import type { FieldType, Scalar } from '../model';
import {
  check,
  complete,
  evaluate,
  Failure,
  nearest,
  parse,
  compileExpression,
  renameIn,
  type Known,
  type Scope,
  whyWords,
} from '.';

const known = (name: string, type: FieldType, what: Known['what'] = 'value'): [string, Known] => [
  name.replace(/ /g, '_'),
  { what, id: `v-${name}`, name, type },
];
const grades = {
  type: 'choice' as const,
  options: [
    { id: 'low', label: 'Low' },
    { id: 'high', label: 'High' },
  ],
};
const scope: Scope = {
  names: new Map([
    known('lamp oil', { type: 'number' }),
    known('lit', { type: 'on/off' }),
    known('grade', grades),
    known('note', { type: 'text' }),
  ]),
  screens: new Map([
    ['pause', { id: 's-pause', name: 'Pause' }],
    ['Tide_table', { id: 's-tide', name: 'Tide table' }],
    ['tide table', { id: 's-tide', name: 'Tide table' }],
  ]),
};
const held: Record<string, Scalar> = { 'v-lamp oil': 12, 'v-lit': true, 'v-grade': 'low', 'v-note': 'hi' };
const run = (text: string): Scalar =>
  evaluate(compileExpression(text, scope), {
    value: (id) => held[id],
    parameter: () => undefined,
    field: () => undefined,
    each: () => undefined,
    row: () => undefined,
    list: () => undefined,
    isUp: (screen) => screen === 's-tide',
    isCovered: () => false,
    cameFrom: () => false,
    saveExists: (slot) => slot === '2',
  });

test.each<[string, Scalar]>([
  ['lamp_oil < 20 && lit', true],
  ['lamp_oil < 20 && !lit || grade == "high"', false],
  ['grade === "low"', true],
  ['1 + 2 * 3 - 4 % 3', 6],
  ['(1 + 2) * 3', 9],
  ['-lamp_oil + 2', -10],
  ['lit ? "on" : "off"', 'on'],
  ['min(3, lamp_oil, 7) + max(1, 2) + clamp(50, 0, 10) + round(1.6) + floor(1.9) + abs(-1)', 19],
  ['isUp(Tide_table) && isUp("tide table") && !isUp(Pause)', true],
  ['saveExists(1 + 1)', true],
  ['note + " " + lamp_oil', 'hi 12'],
  ['\'it\\\'s\' + "\\""', 'it\'s"'],
])('%s gives %j', (text, gives) => expect(run(text)).toBe(gives));

test.each<[string, RegExp]>([
  ['', /Write a condition/],
  ['lamp_oil <', /missing at the end/],
  ['lamp_oil = 3', /write ==/],
  ['lit & lit', /write &&/],
  ['lit and lit', /write &&/],
  ['(lit', /bracket is still open/],
  ['"half', /end with the quote/],
  ['lamp_oli > 3', /nothing called lamp_oli. Did you mean lamp_oil\?/],
  ['isUp(Puase)', /no screen “Puase”. Did you mean Pause\?/],
  ['isup(Pause)', /Did you mean isUp\?/],
  ['lit + 1', /should be a number/],
  ['lamp_oil', /should be on or off; it is a number/],
  ['lamp_oil == "x"', /never the same/],
  ['grade == "hgih"', /none of its options: "low", "high"/],
  ['lit ? 1 : "a"', /Both ways/],
  ['min()', /at least one/],
  ['round(1, 2)', /takes 1/],
  ['count(note)', /this is none/],
  ['a.b', /Only rows of lists/],
  ['window', /nothing called/],
  ['(() => 1)()', /cannot stand|missing/],
  ['x'.repeat(10_000), /2000 characters/],
  [`${'('.repeat(500)}1${')'.repeat(500)}`, /nested too deep/],
  [`${'!'.repeat(500)}lit`, /nested too deep/],
])('%s is refused in words', (text, words) => {
  const { complaints } = check(text, scope, { type: 'on/off' });
  expect(complaints[0] && whyWords(complaints[0])).toMatch(words);
  for (const { from, to } of complaints) expect(0 <= from && from <= to && to <= text.length).toBe(true);
  expect(() => run(text === 'lamp_oil' ? 'gone' : text)).toThrow(Failure);
});

test.each(['1 / 0', '0 % 0', 'max(1 / 0, 2)'])('%s comes to no number, and fails', (text) =>
  expect(() => run(text)).toThrow(Failure),
);

const names = fc.constantFrom('lamp_oil', 'lit', 'grade', 'note');
const pieces = fc.oneof(
  names,
  fc.constantFrom(
    '(',
    ')',
    '!',
    '&&',
    '||',
    '==',
    '<',
    '+',
    '-',
    '*',
    '/',
    '?',
    ':',
    ',',
    '"a"',
    '3',
    'isUp',
    'min',
    '.',
    '=',
  ),
);

test('any text at all is read or refused, never both, and what passes the check runs', () => {
  const anything = fc.oneof(
    fc.string({ maxLength: 60 }),
    fc.array(pieces, { maxLength: 14 }).map((all) => all.join(' ')),
  );
  fc.assert(
    fc.property(anything, (text) => {
      const { complaints, kind } = check(text, scope);
      if ('complaint' in parse(text)) expect(complaints).toHaveLength(1);
      if (complaints.length > 0) return;
      let gave: Scalar;
      try {
        gave = run(text);
      } catch (error) {
        expect(error).toBeInstanceOf(Failure);
        return;
      }
      expect(typeof gave).toBe({ 'on/off': 'boolean', number: 'number', text: 'string' }[kind!]);
    }),
    { numRuns: 1500 },
  );
});

/** Arithmetic written with full brackets, beside what JavaScript's own numbers make of it. */
const sum: fc.Arbitrary<{ text: string; gives: number }> = fc.letrec<{
  sum: { text: string; gives: number };
}>((tie) => ({
  sum: fc.oneof(
    { depthSize: 'small' },
    fc.integer({ min: 0, max: 99 }).map((n) => ({ text: `${n}`, gives: n })),
    fc.tuple(tie('sum'), fc.constantFrom('+', '-', '*'), tie('sum')).map(([a, op, b]) => ({
      text: `(${a.text} ${op} ${b.text})`,
      gives: op === '+' ? a.gives + b.gives : op === '-' ? a.gives - b.gives : a.gives * b.gives,
    })),
  ),
})).sum;

test('arithmetic comes to what numbers come to', () => {
  fc.assert(
    fc.property(sum, ({ text, gives }) => {
      fc.pre(text.length < 1500 && Number.isFinite(gives));
      if (!('complaint' in parse(text))) expect(run(text)).toBe(gives + 0);
    }),
  );
});

test('renaming changes every use of a name, and nothing else', () => {
  expect(renameIn('lamp_oil < 20 && "lamp_oil" == note', 'name', 'lamp oil', 'lamp fuel')).toBe(
    'lamp_fuel < 20 && "lamp_oil" == note',
  );
  expect(renameIn('isUp(Pause) && Pause', 'name', 'Pause', 'Halt')).toBe('isUp(Pause) && Halt');
  expect(renameIn('isUp(Pause) || isUp("pause")', 'screen', 'Pause', 'The halt')).toBe(
    'isUp(The_halt) || isUp("The halt")',
  );
  fc.assert(
    fc.property(fc.array(pieces, { maxLength: 10 }), (parts) => {
      const text = parts.join(' ');
      const there = renameIn(text, 'name', 'lamp oil', 'qqq');
      expect(renameIn(there, 'name', 'qqq', 'lamp oil')).toBe(text);
    }),
  );
});

test('what could stand at the caret is offered: names, functions, screens, and the options of a choice', () => {
  const labels = (text: string, caret = text.length) =>
    complete(text, caret, scope).map((completion) => completion.label);
  expect(labels('la')[0]).toBe('lamp oil');
  expect(labels('lit && isU')).toEqual(['isUp(screen)']);
  expect(labels('isUp(')).toEqual(['Pause', 'Tide table']);
  expect(labels('grade == ').slice(0, 2)).toEqual(['Low', 'High']);
  const [first] = complete('1 + lam', 7, scope);
  expect(first).toMatchObject({ write: 'lamp_oil', from: 4, to: 7 });
});

test('near names are found, far ones are not', () => {
  expect(nearest('huor', ['hour', 'oil'])).toBe('hour');
  expect(nearest('lamp', ['lamp_oil'])).toBe('lamp_oil');
  expect(nearest('zebra', ['hour', 'oil'])).toBeNull();
});
