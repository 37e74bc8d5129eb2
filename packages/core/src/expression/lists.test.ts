import fc from 'fast-check';
import type { ListValue, Scalar } from '../model';
import { anyCrew } from '../test/lists';
import { projectOf } from '../test/flows';
import { firstListing } from '../lists';
import {
  check,
  compileExpression,
  complete,
  evaluate,
  fieldUses,
  knownFields,
  scopeWith,
  whyWords,
  type EvalContext,
  type Scope,
} from '.';

/** What can be asked of lists. */

const crew: ListValue = {
  id: 'y-crew',
  name: 'players',
  section: 'Lobby',
  life: 'session',
  fields: [
    { id: 'f-name', name: 'name', type: 'text' },
    { id: 'f-ready', name: 'ready', type: 'on/off' },
    { id: 'f-ping', name: 'ping', type: 'number' },
    {
      id: 'f-side',
      name: 'side',
      type: 'choice',
      options: [
        { id: 'east', label: 'East' },
        { id: 'west', label: 'West' },
      ],
    },
  ],
  default: [],
  samples: [],
};
const project = projectOf([], [], {
  lists: [crew],
  values: [
    { id: 'v-far', name: 'far', section: 'Lobby', life: 'session', type: 'number', default: 200 },
    // A field of the same name is nearer where rows are asked.
    { id: 'v-ready', name: 'ready', section: 'Lobby', life: 'session', type: 'on/off', default: false },
  ],
});
const scope = scopeWith(project);
const inRow: Scope = {
  ...scope,
  row: new Map(
    [...scope.lists!.get('players')!.fields].map(([name, known]) => [name, { ...known, what: 'row' }]),
  ),
};

type Held = Record<string, Scalar>;
const reading = (rows: Held[], row: Held = {}): EvalContext => ({
  value: (id) => (id === 'v-far' ? 200 : true),
  parameter: () => undefined,
  field: () => undefined,
  each: () => undefined,
  row: (id) => row[id],
  list: (id) => (id === 'y-crew' ? { state: 'ready', rows: rows.map((held) => ({ held })) } : undefined),
  isUp: () => false,
  isCovered: () => false,
  cameFrom: () => false,
  saveExists: () => false,
});
const give = (text: string, rows: Held[], row?: Held): Scalar =>
  evaluate(compileExpression(text, row ? inRow : scope), reading(rows, row));

const anyRows = fc.array(
  fc.record({
    'f-name': fc.constantFrom('Ines', 'Bruno', 'Oda'),
    'f-ready': fc.boolean(),
    'f-ping': fc.integer({ min: 0, max: 400 }),
    'f-side': fc.constantFrom('east', 'west'),
  }),
  { maxLength: 8 },
);

/** What each means, by the arrays of ECMAScript. */
const MEANS: [string, (rows: Held[]) => Scalar][] = [
  ['count(players)', (rows) => rows.length],
  ['count(players, ready)', (rows) => rows.filter((row) => row['f-ready']).length],
  ['any(players, ping > far)', (rows) => rows.some((row) => Number(row['f-ping']) > 200)],
  ['all(players, ready)', (rows) => rows.every((row) => row['f-ready'])],
  ['sum(players, ping * 2)', (rows) => rows.reduce((sum, row) => sum + 2 * Number(row['f-ping']), 0)],
  [
    'min(players, ping)',
    (rows) => (rows.length > 0 ? Math.min(...rows.map((row) => Number(row['f-ping']))) : 0),
  ],
  [
    'max(players, -ping)',
    (rows) => (rows.length > 0 ? Math.max(...rows.map((row) => 0 - Number(row['f-ping']))) : 0),
  ],
  ['first(players).name', (rows) => rows[0]?.['f-name'] ?? ''],
  ['first(players).ping + 1', (rows) => Number(rows[0]?.['f-ping'] ?? 0) + 1],
  [
    'count(players, ping == max(players, ping))',
    (rows) => {
      const most = Math.max(...rows.map((row) => Number(row['f-ping'])));
      return rows.filter((row) => row['f-ping'] === most).length;
    },
  ],
  [
    'any(players, side == "west" && name != first(players).name)',
    (rows) => rows.some((row) => row['f-side'] === 'west' && row['f-name'] !== rows[0]!['f-name']),
  ],
];
test.each(MEANS)('%s asks what it says, of any rows', (text, means) => {
  fc.assert(fc.property(anyRows, (rows) => expect(give(text, rows)).toBe(means(rows))));
});

test('a row that is pressed is named apart from those that are asked about', () => {
  const rows = [
    { 'f-name': 'Ines', 'f-ready': true, 'f-ping': 3, 'f-side': 'east' },
    { 'f-name': 'Oda', 'f-ready': false, 'f-ping': 9, 'f-side': 'west' },
  ];
  expect(give('row.name', rows, rows[1])).toBe('Oda');
  expect(give('count(players, ping < row.ping)', rows, rows[1])).toBe(1);
  expect(compileExpression('row.ready && ready', inRow).reads.map(({ name }) => name)).toEqual([
    'row.ready',
    'ready',
  ]);
});

test('what a row holds for good is read without asking', () => {
  const row = knownFields(crew, 'row', { 'f-ping': 300 });
  const ready = compileExpression('row.ping > far', { ...scope, row });
  expect(ready.reads.map(({ name }) => name)).toEqual(['far']);
  expect(evaluate(ready, reading([]))).toBe(true);
});

test.each<[string, RegExp]>([
  ['players', /players is a list\. Ask for something in it/],
  ['players > 2', /is a list/],
  ['count(far)', /count\( \) is asked of a list/],
  ['count(playrs) > 0', /Did you mean players\?/],
  ['count(players, ping)', /should be on or off; it is a number/],
  ['sum(players, name) > 0', /should be a number; it is a text/],
  ['sum(players) > 0', /sum takes 2 in its brackets/],
  ['all(players)', /all takes 2/],
  ['count()', /count takes 2/],
  ['count(players, ready, ready) > 0', /takes 2/],
  ['first(players)', /whole row\. Ask for one of its fields, such as first\(players\)\.name/],
  ['first(players).pong > 3', /no pong\. Did you mean ping\?/],
  ['first(players).colour == ""', /They have name, ready, ping, side/],
  ['first(players).', /After the point/],
  ['any(players, side == "north")', /none of its options: "east", "west"/],
  ['first(players).side == "north"', /none of its options/],
  ['row.ready', /Only what is pressed in a row/],
  ['far.ready', /Only rows of lists have fields/],
  ['ready && players.length', /Only rows/],
])('%s is refused in plain words', (text, words) => {
  const { complaints } = check(text, scope, { type: 'on/off' });
  expect(complaints.map(whyWords).join(' ')).toMatch(words);
  for (const { from, to } of complaints) expect(0 <= from && from <= to && to <= text.length).toBe(true);
});

test.each<[string, string[]]>([
  ['count(', ['players']],
  ['all(pl', ['players']],
  ['first(players).', ['name', 'ready', 'ping', 'side']],
  ['row.pi', ['ping']],
  ['any(players, side == ', ['"east"', '"west"']],
])('after %s what could follow is offered', (text, offered) => {
  expect(complete(text, text.length, inRow, { type: 'on/off' }).map(({ write }) => write)).toEqual(
    expect.arrayContaining(offered),
  );
});
test('a field is offered where rows are asked, and nowhere else', () => {
  const offers = (text: string): string[] => complete(text, text.length, scope).map(({ write }) => write);
  expect(offers('any(players, p')).toContain('ping');
  expect(offers('any(players, ready) && p')).not.toContain('ping');
});

test('every use of a field is found where it stands, and no name that is not one', () => {
  const text = 'ready && any(players, ready && ping > far) && row.ready && first(players).ready';
  const uses = fieldUses(text, inRow);
  expect(uses.map(({ field, from, to }) => [field, text.slice(from, to)])).toEqual([
    ['f-ready', 'ready'],
    ['f-ping', 'ping'],
    ['f-ready', 'ready'],
    ['f-ready', 'ready'],
  ]);
  expect(uses.every(({ from }) => from > 0)).toBe(true);
});

test('whatever a list holds at first, what is asked of it is an answer of its type', () => {
  fc.assert(
    fc.property(anyCrew, (list) => {
      const own = scopeWith(projectOf([], [], { lists: [list] }));
      const { rows } = firstListing(list);
      const now = { ...reading([]), list: () => ({ state: 'ready' as const, rows }) };
      const give = (text: string): Scalar => evaluate(compileExpression(text, own), now);
      expect(typeof give('sum(crew, ping) + min(crew, ping)')).toBe('number');
      expect(typeof give('first(crew).ready')).toBe('boolean');
      expect(typeof give('first(crew).side')).toBe('string');
    }),
  );
});
