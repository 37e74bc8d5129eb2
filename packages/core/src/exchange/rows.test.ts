import fc from 'fast-check';
import type { Asset, Field, ListValue, Row } from '../model';
import { readRows } from '.';
import { rowsToCsv } from './rows';

/** Rows as a table, the way spreadsheets read and copy them. */

const fields: Field[] = [
  { id: 'f-name', name: 'name', type: 'text' },
  { id: 'f-ready', name: 'ready', type: 'on/off', on: 'set', off: 'busy' },
  { id: 'f-ping', name: 'round trip', type: 'number', min: 0, max: 999, unit: 'ms' },
  {
    id: 'f-side',
    name: 'side',
    type: 'choice',
    options: [
      { id: 'e', label: 'East' },
      { id: 'w', label: 'West' },
    ],
  },
  { id: 'f-face', name: 'face', type: 'picture' },
];
const list = { id: 'y', name: 'players', fields, default: [], samples: [] } as unknown as ListValue;
const pictures: Asset[] = ['Ines', 'Oda'].map((name) => ({
  ...{ id: `i-${name}`, name, media: 'image/png', width: 9, height: 9, bytes: 9 },
}));
const read = (text: string) => readRows(list, text, pictures);

test('a table with names goes by them, in any order and with columns that are no field', () => {
  expect(read('side,shoe,name,round trip\nwest,42,Ines,40 ms\n,,Oda,"1,5"')).toEqual({
    rows: [
      { 'f-side': 'w', 'f-name': 'Ines', 'f-ping': 40 },
      { 'f-name': 'Oda', 'f-ping': 1.5 },
    ],
    wrong: [],
    unknown: ['shoe'],
  });
});

test('cells that a spreadsheet copies have tabs between them, and need no names above', () => {
  expect(read('Ines\tyes\t40\tEast\tines\r\nOda\tbusy\t80\te\tOda')!.rows).toEqual([
    { 'f-name': 'Ines', 'f-ready': true, 'f-ping': 40, 'f-side': 'e', 'f-face': 'i-Ines' },
    { 'f-name': 'Oda', 'f-ready': false, 'f-ping': 80, 'f-side': 'e', 'f-face': 'i-Oda' },
  ]);
});

test('what does not fit its field is told by its line, and the rest is taken', () => {
  expect(read('name,ready,side\nInes,maybe,north')).toEqual({
    rows: [{ 'f-name': 'Ines' }],
    wrong: [
      { line: 2, field: 'ready', text: 'maybe' },
      { line: 2, field: 'side', text: 'north' },
    ],
    unknown: [],
  });
});

test('of nothing there are no rows', () => {
  expect(read('')).toBeNull();
  expect(read('name,ready')!.rows).toEqual([]);
});

test('whatever rows hold is the same once written and read again', () => {
  const words = fc
    .string({ minLength: 1, maxLength: 12 })
    .map((text) => text.trim())
    .filter((text) => text !== '');
  const rows = fc.array(
    fc.record(
      {
        'f-name': words,
        'f-ready': fc.boolean(),
        'f-ping': fc.integer({ min: 0, max: 999 }),
        'f-side': fc.constantFrom('e', 'w'),
        'f-face': fc.constantFrom('i-Ines', 'i-Oda'),
      },
      { requiredKeys: ['f-name'] },
    ) as fc.Arbitrary<Row>,
    { minLength: 1, maxLength: 6 },
  );
  fc.assert(
    fc.property(rows, (given) => {
      expect(read(rowsToCsv(list, given, pictures))).toEqual({ rows: given, wrong: [], unknown: [] });
    }),
  );
});
