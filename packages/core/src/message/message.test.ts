import fc from 'fast-check';
import type { Known, Scope } from '../expression';
import type { FieldType } from '../model';
import { sayParts, textParts, textTroubles, textTroubleWords } from '.';

const known = (id: string, type: FieldType): [string, Known] => [id, { what: 'value', id, name: id, type }];
const scope: Scope = {
  names: new Map([
    known('oil', { type: 'number', unit: '%' }),
    known('nights', { type: 'number' }),
    known('lit', { type: 'on/off', on: 'Lit', off: 'Dark' }),
    known('storm', {
      type: 'choice',
      options: [
        { id: 'calm', label: 'Calm' },
        { id: 'gale', label: 'Gale' },
      ],
    }),
  ]),
  screens: new Map(),
};
const say = (text: string, values: Record<string, number | string | boolean> = {}, language = 'en'): string =>
  sayParts(textParts(text, scope, language), { named: (part) => values[part.id] });

const troubleWords = (text: string, within: Scope): string[] =>
  textTroubles(text, within).map(textTroubleWords);

test('names stand for what they hold, in words', () => {
  expect(say('Oil {oil}, lamp {lit}, {storm}', { oil: 62, lit: true, storm: 'gale' })).toBe(
    'Oil 62 %, lamp Lit, Gale',
  );
  expect(say('{nobody} and { oil }', { oil: 3 })).toBe('{nobody} and 3 %');
});

test('what a row holds can be counted and written as a date like anything else', () => {
  const row = new Map([
    ['when', { what: 'row' as const, id: 'when', name: 'when', type: { type: 'number' as const } }],
    ['left', { what: 'row' as const, id: 'left', name: 'left', type: { type: 'number' as const } }],
  ]);
  const told = (text: string, values: Record<string, number>): string =>
    sayParts(textParts(text, { ...scope, row }, 'en'), { named: ({ id }) => values[id] });
  const text = '{row.left, plural, one {# day left, {row.when, date, ::yyyyMM}} other {# days, {oil}}}';
  expect(told(text, { left: 1, when: Date.UTC(2031, 4, 17, 12) })).toBe('1 day left, 05/2031');
  expect(told(text, { left: 3, when: 0, oil: 5 })).toBe('3 days, 5 %');
  expect(
    textTroubles(text.replace('row.when', 'row.gone'), { ...scope, row }).map(({ params }) => params),
  ).toEqual([{ name: 'row.gone' }]);
});

test('plurals follow the language, with what else is named in them', () => {
  const text = '{nights, plural, =0 {No night} one {# night} other {# nights}} kept, oil {oil}';
  expect([0, 1, 2].map((nights) => say(text, { nights, oil: 5 }))).toEqual([
    'No night kept, oil 5 %',
    '1 night kept, oil 5 %',
    '2 nights kept, oil 5 %',
  ]);
  const polish = '{nights, plural, one {# noc} few {# noce} many {# nocy} other {# nocy}}';
  expect([1, 2, 5].map((nights) => say(polish, { nights }, 'pl'))).toEqual(['1 noc', '2 noce', '5 nocy']);
});

test('branches go by choices and by on and off, numbers by their language', () => {
  expect(say('{storm, select, gale {Hold on} other {All quiet}}', { storm: 'gale' })).toBe('Hold on');
  expect(say('{lit, select, on {It burns} other {It is out}}', { lit: false })).toBe('It is out');
  expect(say('{nights, number}', { nights: 1234.5 }, 'de')).toBe('1.234,5');
  expect(say('{nights, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} night', { nights: 3 })).toBe(
    '3rd night',
  );
});

test('what cannot be said is said as it is written, and told of in words', () => {
  const broken: [string, RegExp][] = [
    ['{nights, plural, one {# night}}', /other/],
    ['{nights, plural, one {# night other {x}}', /brace|branches|other/],
    ['{nights, colour}', /plural, selectordinal, select or number/],
  ];
  for (const [text, words] of broken) {
    expect(say(text, { nights: 1 })).toBe(text);
    expect(troubleWords(text, scope).join()).toMatch(words);
  }
  expect(troubleWords('{storm, plural, other {x}}', scope)).toEqual([
    '{storm} is asked for as a number, and is none.',
  ]);
  expect(troubleWords('{storm, select, rain {x} other {y}}', scope)).toEqual([
    '{storm} is never “rain”; it can be calm, gale.',
  ]);
  expect(textTroubles('{crew, plural, other {{nobody}}} {oil}', scope)).toHaveLength(2);
  expect(troubleWords('{nobody} here', scope)).toEqual([
    'It says {nobody}, and there is nothing called that.',
  ]);
  expect(textTroubles('All {oil} well', scope)).toEqual([]);
});

test('no text, whatever stands in it, breaks what says it', () => {
  const piece = fc.constantFrom(
    '{',
    '}',
    '{oil}',
    '{nights, plural, ',
    'one {#}',
    'other {x}',
    '}}',
    "'",
    '#',
    ' ',
    'é',
    ',',
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 12 }), (pieces) => {
      const text = pieces.join('');
      expect(typeof say(text, { oil: 1, nights: 2 })).toBe('string');
      expect(Array.isArray(textTroubles(text, scope))).toBe(true);
    }),
    { numRuns: 500 },
  );
});

const unsayable = [
  '{oil, number, currency}',
  '{oil, number, ::currency/X}',
  '{oil, number, ::unit/banana}',
  '{oil, number, ::.00000000000000000000000000000000}',
  '{oil, number, ::.0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000}',
  '{note, date}',
  '{note, time, short}',
  '{oil, date, ::yyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyy}',
  '{oil, date}',
  '{oil, number, ::scientific/+ee/sign-banana}',
];
const withNote: Scope = { ...scope, names: new Map([...scope.names, known('note', { type: 'text' })]) };

test.each(unsayable)(
  'what can be read and not be said is said as it is written, or in some words: %s',
  (text) => {
    for (const oil of [0, 1, -1, 1e17, -1e21, 0.1])
      for (const language of ['en', 'de', 'ar', 'xx', 'aa-bb-cc-dd', 'not a language'])
        expect(
          typeof sayParts(textParts(text, withNote, language), {
            named: ({ id }) => (id === 'oil' ? oil : 'fog'),
          }),
        ).toBe('string');
  },
);

test('and it is told of', () => {
  const told = (text: string): string => troubleWords(text, withNote).join();
  expect(told('{oil, number, currency}')).toMatch(/said as it is written/);
  expect(told('{oil, number, ::currency/X}')).toMatch(/currency/);
  expect(told('{oil, number, ::unit/banana}')).toMatch(/unit/);
  expect(told('{note, date}')).toMatch(/asked for as a number/);
  expect(told('{oil, date}')).toMatch(/when oil is 1\d+e?|100000000000000000/);
  const bounded: Scope = { ...scope, names: new Map([known('oil', { type: 'number', min: 0, max: 9 })]) };
  expect(textTroubles('{oil, date}', bounded)).toEqual([]);
});

test('any text at all is said, in any language, whatever its names hold', () => {
  const piece = fc.oneof(
    fc.constantFrom(
      '{',
      '}',
      ',',
      '#',
      "'",
      ' oil',
      ' note',
      ' lit',
      'plural',
      'select',
      'number',
      'date',
      'time',
    ),
    fc.constantFrom(
      '::',
      'currency/',
      'unit/',
      '.0',
      '.##',
      'other',
      'one',
      '=1',
      'offset:',
      'percent',
      'EUR',
      'K',
      'E0',
    ),
    fc.constantFrom(...unsayable),
    fc.string({ maxLength: 4, unit: 'grapheme' }),
  );
  fc.assert(
    fc.property(
      fc.array(piece, { maxLength: 12 }).map((pieces) => pieces.join('')),
      fc.oneof(fc.double(), fc.string(), fc.boolean()),
      fc.constantFrom('en', 'pl', 'ar-EG', 'x-nothing'),
      (text, held, language) => {
        expect(typeof sayParts(textParts(text, withNote, language), { named: () => held })).toBe('string');
        textTroubles(text, withNote);
      },
    ),
    { numRuns: 2000 },
  );
});

test('an action is said by its key on the device in hand, by its name where that has none; a value of its name comes first', () => {
  const action = { id: 'a', name: 'sound the horn', keys: ['KeyH'], pad: [] };
  const within: Scope = {
    ...scope,
    actions: new Map([
      ['sound_the_horn', action],
      ['oil', action],
    ]),
  };
  const say = (text: string, code?: string) =>
    sayParts(textParts(text, within), { named: () => 3, code: () => code });
  expect(say('Press {sound_the_horn} now', 'KeyH')).toBe('Press [key KeyH] now');
  expect(say('Press {sound_the_horn} now')).toBe('Press Sound the horn now');
  expect(say('{oil}', 'KeyH')).toBe('3 %');
  expect(say('{nights, plural, one {# night} other {# nights: {sound_the_horn}}}', 'KeyH')).toBe(
    '3 nights: [key KeyH]',
  );
  expect(troubleWords('{sound_the_horn}', within)).toEqual([]);
  expect(troubleWords('{sound_the_horn, plural, other {x}}', within).join()).toMatch(/asked for as a number/);
});

test('what values hold is never taken for a mark; what a screen is told may be marked', () => {
  const within: Scope = {
    ...scope,
    names: new Map([
      known('note', { type: 'text' }),
      ['told', { what: 'parameter', id: 'told', name: 'told', type: { type: 'text' } }],
    ]),
  };
  expect(sayParts(textParts('{note} {told}', within), { named: () => '[bold]x[/]' })).toBe(
    '[[bold]x[[/] [bold]x[/]',
  );
});
