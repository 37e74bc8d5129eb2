import { scopeOfLink } from '../triggers';
import { type FieldType, type Project } from '../model';
import { FUNCTIONS } from './functions';
import { check, evaluate, meant, compileExpression, renameIn, scopeOfScreen, type Scope, whyWords } from '.';
import { project, tide, pause, scope } from '../test/named';

/** What may be named where, and what is run of it. */

const named = (of: Scope) => [...of.names].map(([name, { what, id }]) => [name, what, id]);

test('values can be named everywhere; a parameter hides one on its screen, and a field of the event hides both', () => {
  const values = [
    ['oil', 'value', 'v-oil'],
    ['lamp_oil', 'value', 'v-lamp'],
    ['lit', 'value', 'v-lit'],
    ['door', 'value', 'v-door'],
    ['grade', 'value', 'v-grade'],
  ];
  expect(named(scope)).toEqual(values);
  expect(named(scopeOfScreen(project, pause))).toEqual(values);
  const own = [
    ...values.slice(0, 2),
    ['lit', 'parameter', 'q-lit'],
    ...values.slice(3),
    ['asked', 'parameter', 'q-asked'],
  ];
  expect(named(scopeOfScreen(project, tide))).toEqual(own);
  const link = (trigger: object, from = 's-tide') => ({ from, trigger }) as never;
  expect(named(scopeOfLink(project, link({ on: 'arrival' })))).toEqual(own);
  expect(named(scopeOfLink(project, link({ on: 'event', event: 'g-bare' })))).toEqual(own);
  expect(named(scopeOfLink(project, link({ on: 'event', event: 'gone' })))).toEqual(own);
  expect(named(scopeOfLink(project, link({ on: 'event', event: 'g-oil' })))).toEqual([
    ['oil', 'field', 'f-oil'],
    ...own.slice(1),
    ['how_much', 'field', 'f-much'],
  ]);
  // Of the right type and by its own name.
  expect(scopeOfLink(project, link({ on: 'event', event: 'g-oil' })).names.get('how_much')).toEqual({
    what: 'field',
    id: 'f-much',
    name: 'how much',
    type: project.events[0]!.fields![0],
  });
  expect(scopeOfScreen(project, tide).names.get('asked')).toMatchObject({
    name: 'asked',
    type: { type: 'number' },
  });
  expect(scope.names.get('lamp_oil')).toMatchObject({ name: 'lamp oil', type: { type: 'number' } });
});

test('screens are known by identifier and by name in small letters; a renamed one, or another project, is seen at once', () => {
  for (const value of ['tide table', 'Tide_table'])
    expect(scope.screens.get(value)).toEqual({ id: 's-tide', name: 'Tide table' });
  expect(scopeOfScreen(project, tide).screens).toBe(scope.screens);
  expect(scopeOfLink(project, { from: 's-tide', trigger: { on: 'event', event: 'g-oil' } }).screens).toBe(
    scope.screens,
  );
  expect(scopeOfScreen(project, pause)).toBe(scope);
  const renamed = { ...project, screens: [{ ...tide!, name: 'Tides' }, pause!] };
  expect(scopeOfScreen(renamed, undefined).screens.has('Tides')).toBe(true);
  const more = { ...renamed, values: project.values.slice(1) };
  expect(scopeOfScreen(more, undefined).names.has('oil')).toBe(false);
  expect(scopeOfScreen(renamed, undefined).names.has('oil')).toBe(true);
});

const said = (text: string, wanted?: FieldType) => check(text, scope, wanted).complaints;
test.each<[string, number, number, string, object?]>([
  [
    'lit && lamp_oli',
    7,
    15,
    'There is nothing called lamp_oli. Did you mean lamp_oil?',
    { unknown: 'lamp_oli', instead: 'lamp_oil' },
  ],
  ['lit && zzzzzz', 7, 13, 'There is nothing called zzzzzz.', { unknown: 'zzzzzz' }],
  ['isUp(Paus)', 5, 9, 'There is no screen “Paus”. Did you mean Pause?', { instead: 'Pause' }],
  [
    'isUp("tide tabel")',
    5,
    17,
    'There is no screen “tide tabel”. Did you mean Tide table?',
    { instead: 'Tide_table' },
  ],
  ['isUp(Zanzibar)', 5, 13, 'There is no screen “Zanzibar”.'],
  ['isUp(1 + 2)', 5, 10, 'Here stands the name of a screen.'],
  ['cameFrom(oil < 2)', 9, 16, 'Here stands the name of a screen.'],
  ['mni(1)', 0, 6, 'There is no mni( ). Did you mean min?'],
  ['zzzzzz(1)', 0, 9, 'There is no zzzzzz( ).'],
  ['isCovered(1)', 0, 12, 'isCovered takes nothing in its brackets: isCovered().'],
  ['clamp(1)', 0, 8, 'clamp takes 3 in its brackets: clamp(n, min, max).'],
  ['isUp()', 0, 6, 'isUp takes 1 in its brackets: isUp(screen).'],
  ['max()', 0, 5, 'max needs at least one number.'],
  ['max(1, lit)', 7, 10, 'This should be a number; it is on or off.'],
  ['abs("a")', 4, 7, 'This should be a number; it is a text.'],
  ['saveExists(gone)', 11, 15, 'There is nothing called gone.', { unknown: 'gone' }],
  ['!oil', 1, 4, 'This should be on or off; it is a number.'],
  ['-lit', 1, 4, 'This should be a number; it is on or off.'],
  ['lit + 1', 0, 3, 'This should be a number; it is on or off.'],
  ['lit - 1', 0, 3, 'This should be a number; it is on or off.'],
  ['1 < lit', 4, 7, 'This should be a number; it is on or off.'],
  ['lit <= 1', 0, 3, 'This should be a number; it is on or off.'],
  ['lit > 1', 0, 3, 'This should be a number; it is on or off.'],
  ['1 >= "a"', 5, 8, 'This should be a number; it is a text.'],
  ['oil || lit', 0, 3, 'This should be on or off; it is a number.'],
  ['lit || oil', 7, 10, 'This should be on or off; it is a number.'],
  ['oil == lit', 0, 10, 'a number and on or off are never the same.'],
  ['oil != lit', 0, 10, 'a number and on or off are never the same.'],
  ['"a" !== 1', 0, 9, 'a text and a number are never the same.'],
  ['true === 1', 0, 10, 'on or off and a number are never the same.'],
  ['"bad" == grade', 0, 5, 'This is none of its options: "low", "high".'],
  ['oil ? 1 : 2', 0, 3, 'This should be on or off; it is a number.'],
  ['lit ? 1 : true', 10, 14, 'Both ways should give the same: a number.'],
  ['lit ? 1', 7, 7, 'After ? comes one thing, then : and the other.'],
  ['lit ? 1 2', 8, 9, '“2” cannot stand here.'],
  ['(1 + 2', 6, 6, 'A bracket is still open.'],
  ['min(1 2)', 6, 7, '“2” cannot stand here.'],
  ['', 0, 0, 'Write a condition, such as oil < 20.'],
  ['  ', 2, 2, 'Write a condition, such as oil < 20.'],
  ['1 +', 3, 3, 'Something is missing at the end.'],
  ["'half", 0, 1, 'A text has to end with the quote it began with.'],
  ['"half', 0, 1, 'A text has to end with the quote it began with.'],
  ['lit | lit', 4, 5, 'For “or”, write ||.'],
  ['lit & lit', 4, 5, 'For “and”, write &&.'],
  ['lit OR lit', 4, 6, 'For “OR”, write ||.'],
  ['not lit', 4, 7, '“lit” cannot stand here.'],
  ['lit is lit', 4, 6, 'For “is”, write ==.'],
  ['oil # 2', 4, 5, '“#” cannot stand in an expression.'],
  ['oil 😀', 4, 6, '“😀” cannot stand in an expression.'],
])('%s: %i to %i, %s', (text, from, to, words, rest = {}) => {
  const { code, params, ...found } = said(text)[0]!;
  expect({ words: whyWords({ code, params }), ...found }).toEqual({ words, from, to, ...rest });
});

test('what is wanted decides too: its kind, and a choice’s own options', () => {
  const grade = project.values.at(-1)!;
  expect(said('"low"', grade)).toEqual([]);
  expect(said('"bad"', grade).map(whyWords)).toEqual(['This is none of its options: "low", "high".']);
  expect(said('grade', grade)).toEqual([]);
  expect(said('oil', grade).map(whyWords)).toEqual(['This should be a text; it is a number.']);
  expect(said('lit', { type: 'on/off' })).toEqual([]);
  expect(said('lit ? gone : 1', { type: 'number' })).toHaveLength(1);
  expect(check('lit ? gone : 1', scope).kind).toBe('number');
  expect(check('lit ? 1 : gone', scope).kind).toBe('number');
  expect(check('gone', scope)).toMatchObject({ kind: null });
  expect(said('gone == oil')).toHaveLength(1);
  expect(check('oil <', scope)).toMatchObject({ node: null, kind: null });
});

test('as long and as deep as it may be, it is read', () => {
  const long = `1${' '.repeat(1999)}`;
  expect([said(long), said(`${long} `).length]).toEqual([[], 1]);
  const deep = (n: number) => `${'('.repeat(n)}1${')'.repeat(n)}`;
  const signs = (n: number) => `${'!'.repeat(n)}lit`;
  expect([said(deep(59)), said(signs(59))]).toEqual([[], []]);
  for (const text of [deep(60), signs(60)]) expect(said(text)[0]!.code).toBe('too deep');
  // What has been closed again counts no more.
  expect(said(Array.from({ length: 200 }, () => '(1)').join('+'))).toEqual([]);
  expect(said(Array.from({ length: 200 }, () => '-1').join('+'))).toEqual([]);
});

test('what is run knows the names it reads, and says why it gives nothing', () => {
  expect(compileExpression('oil < 3 && lit && oil > 1', scope).reads).toEqual([
    { name: 'oil', known: scope.names.get('oil') },
    { name: 'lit', known: scope.names.get('lit') },
  ]);
  expect(compileExpression('gone', scope)).toEqual({
    text: 'gone',
    bound: null,
    lists: [],
    wrong: { code: 'unknown name', params: { name: 'gone', near: null } },
    reads: [],
  });
  const reading = {
    value: () => undefined,
    parameter: (id: string) => ({ 'q-asked': 3 })[id],
    field: () => 'x',
    each: () => undefined,
    row: () => undefined,
    list: () => undefined,
    isUp: () => false,
    isCovered: () => true,
    cameFrom: (id: string) => id === 's-tide',
    saveExists: () => false,
  };
  const gives = (text: string, of = scope) => evaluate(compileExpression(text, of), reading);
  expect(() => gives('gone')).toThrow('unknown name');
  expect(() => gives('oil')).toThrow('holds nothing');
  expect(gives('asked', scopeOfScreen(project, tide))).toBe(3);
  expect(gives('isCovered()')).toBe(true);
  expect([gives('cameFrom(Tide_table)'), gives('isUp(Tide_table)'), gives('cameFrom(Pause)')]).toEqual([
    true,
    false,
    false,
  ]);
});

test.each<[string, 'name' | 'screen', string, string, string]>([
  ['oil + oil', 'name', 'oil', 'lamp oil', 'lamp_oil + lamp_oil'],
  ['oil(1) + oil', 'name', 'oil', 'x', 'oil(1) + x'],
  ['isUp(oil) || oil > 1', 'name', 'oil', 'x', 'isUp(oil) || x > 1'],
  ['(oil)', 'name', 'oil', 'x', '(x)'],
  ['min(oil)', 'name', 'oil', 'x', 'min(x)'],
  ['"oil" == oil', 'name', 'oil', 'x', '"oil" == x'],
  ['isUp(oil) || oil > 1', 'screen', 'oil', 'New one', 'isUp(New_one) || oil > 1'],
  ['cameFrom("OIL") || note == "oil"', 'screen', 'oil', 'New one', 'cameFrom("New one") || note == "oil"'],
  ['isUp(other) || isUp("another")', 'screen', 'oil', 'x', 'isUp(other) || isUp("another")'],
  ['isUpx(oil)', 'screen', 'oil', 'x', 'isUpx(oil)'],
  ['xisUp(oil)', 'screen', 'oil', 'x', 'xisUp(oil)'],
  ['(oil)', 'screen', 'oil', 'x', '(oil)'],
  ['isUp && oil', 'screen', 'oil', 'x', 'isUp && oil'],
  ['isUp(oil(1))', 'screen', 'oil', 'x', 'isUp(oil(1))'],
])('%s, %s %s called %s: %s', (text, what, from, to, made) => {
  expect(renameIn(text, what, from, to)).toBe(made);
});

test.each([
  ['grade == "Bright"', 'grade == "high"'],
  ['"bright" != grade && lamp_oil > 2', '"high" != grade && lamp_oil > 2'],
  ['door ? grade == "FAINT" : grade == "high"', 'door ? grade == "low" : grade == "high"'],
  ['!(grade === "Bright")', '!(grade === "high")'],
  ['grade == "Dim"', 'grade == "Dim"'],
  ['saveExists(grade == "Bright" ? 1 : 2)', 'saveExists(grade == "high" ? 1 : 2)'],
  ['grade > "Bright"', 'grade > "Bright"'],
  ['nobody == "Bright"', 'nobody == "Bright"'],
  ['grade == 3 || grade == true || grade == door', 'grade == 3 || grade == true || grade == door'],
  ['"Bright" == "Faint"', '"Bright" == "Faint"'],
  ['grade == ', 'grade == '],
])('an option called by its label is meant: %s', (text, is) => {
  expect(meant(text, scope)).toBe(is);
  expect(meant(is, scope)).toBe(is);
});

test('what an option is filed under goes before what another is called', () => {
  const turned: Project = {
    ...project,
    values: [
      {
        id: 'v-turn',
        name: 'turn',
        section: '',
        life: 'session',
        type: 'choice',
        options: [
          { id: 'left', label: 'Right' },
          { id: 'right', label: 'Ahead' },
        ],
        default: 'left',
      },
    ],
  };
  const within = scopeOfScreen(turned, undefined);
  expect(meant('turn == "right"', within)).toBe('turn == "right"');
  expect(meant('turn == "Right"', within)).toBe('turn == "left"');
});

test('what a choice is set to may be called by its label too', () => {
  const grade = project.values.at(-1)!;
  expect(meant('"Bright"', scope, grade)).toBe('"high"');
  expect(meant('door ? "faint" : "bright"', scope, grade)).toBe('door ? "low" : "high"');
});

test('each function is written as its help says, with as many arguments, and gives what it says', () => {
  const all = Object.entries(FUNCTIONS);
  expect(new Set(all.map(([, { words }]) => words)).size).toBe(all.length);
  const given = { number: '1', screen: 'Pause', any: '"1"' } as const;
  for (const [name, { takes, gives, shape, words }] of all) {
    const [, called, inside] = /^(\w+)\((.*)\)$/.exec(shape)!;
    expect(called).toBe(name);
    expect(words).toMatch(/^\w.*\w$/);
    const count = inside === '' ? 0 : inside!.split(', ').length;
    expect(count).toBe(takes === 'numbers' ? 2 : takes.length);
    // A list is nothing that a value can hold yet.
    if (name === 'count') continue;
    const args = takes === 'numbers' ? ['1', '2'] : takes.map((kind) => given[kind as keyof typeof given]);
    const complaints = (wanted: FieldType) =>
      check(`${name}(${args.join(', ')})`, scope, wanted).complaints.length;
    expect(complaints({ type: gives as 'number' | 'on/off' })).toBe(0);
    expect(complaints({ type: gives === 'number' ? 'on/off' : 'number' })).toBe(1);
  }
});
