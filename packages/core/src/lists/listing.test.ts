import fc from 'fast-check';
import { MAX_ROWS, type ListValue, type Scalar } from '../model';
import { anyCrew, anyListWrite } from '../test/lists';
import { firstListing, fitListing, write, type Listing, type ListWrite } from '.';

const START: Listing = { state: 'ready', why: '', rows: [], next: 1 };
const crew = (over: Partial<ListValue> = {}): ListValue => ({
  id: 'crew',
  name: 'crew',
  section: 'Lobby',
  life: 'session',
  fields: [
    { id: 'name', name: 'name', type: 'text' },
    { id: 'ping', name: 'round trip', type: 'number', min: 0, max: 300 },
    { id: 'ready', name: 'ready', type: 'on/off' },
  ],
  key: 'name',
  default: [],
  samples: [],
  ...over,
});
const all = (list: ListValue, ...writes: ListWrite[]) =>
  writes.reduce((now, each) => write(list, now.listing, each), { listing: START, troubles: [] } as ReturnType<
    typeof write
  >);
const names = ({ rows }: Listing): Scalar[] => rows.map(({ held }) => held.name!);

test('a row whose key is there is changed in what is given, and stays where it is', () => {
  const { listing } = all(
    crew(),
    { do: 'put', rows: [{ name: 'Ines', ping: 40 }, { name: 'Oda' }] },
    { do: 'put', rows: [{ name: 'Ines', ready: true }, { name: 'Tam' }] },
  );
  expect(names(listing)).toEqual(['Ines', 'Oda', 'Tam']);
  expect(listing.rows[0]!.held).toEqual({ name: 'Ines', ping: 40, ready: true });
});

test('fields go by id, by name, and by what expressions call them', () => {
  for (const name of ['ping', 'round trip', 'round_trip'])
    expect(all(crew(), { do: 'put', rows: [{ name: 'Ines', [name]: 7 }] }).listing.rows[0]!.held.ping).toBe(
      7,
    );
});

test.each<[string, ListWrite, object]>([
  [
    'an unknown field',
    { do: 'put', rows: [{ name: 'A', shoe: 4 }] },
    { trouble: 'unknown field', field: 'shoe' },
  ],
  [
    'a wrong type',
    { do: 'put', rows: [{ name: 'A', ping: 'far' }] },
    { trouble: 'wrong type', field: 'ping', given: 'far', holds: 0 },
  ],
  [
    'a number out of range',
    { do: 'put', rows: [{ name: 'A', ping: 900 }] },
    { trouble: 'out of range', field: 'ping', given: 900, holds: 300 },
  ],
  [
    'twice the same key',
    { do: 'put', rows: [{ name: 'A' }, { name: 'A' }] },
    { trouble: 'same key', key: 'A' },
  ],
  ['a row without a key', { do: 'put', rows: [{ ping: 4 }] }, { trouble: 'no key', field: 'name' }],
  ['what is no row', { do: 'put', rows: [3 as never] }, { trouble: 'no row' }],
  ['a row that is not there', { do: 'remove', keys: ['Z'] }, { trouble: 'no such row', key: 'Z' }],
  ['a failure without a reason', { do: 'fail', why: ' ' }, { trouble: 'no reason' }],
  [
    'more than the most',
    { do: 'replace', rows: ['A', 'B', 'C', 'D', 'E', 'F'].map((name) => ({ name })) },
    { trouble: 'too many', max: 4, left: 2 },
  ],
])('%s is told, and the rest counts', (_, wrong, trouble) => {
  const { listing, troubles } = all(crew({ max: 4 }), { do: 'put', rows: [{ name: 'A' }] }, wrong);
  expect(troubles).toEqual([trouble]);
  expect(names(listing)[0]).toBe('A');
});

test('a fifth player is refused, and one of the four can still change', () => {
  const four = { do: 'put' as const, rows: ['A', 'B', 'C', 'D'].map((name) => ({ name })) };
  const fifth = all(crew({ max: 4 }), four, { do: 'put', rows: [{ name: 'E' }, { name: 'B', ready: true }] });
  expect(names(fifth.listing)).toEqual(['A', 'B', 'C', 'D']);
  expect(fifth.listing.rows[1]!.held.ready).toBe(true);
  expect(fifth.troubles).toEqual([{ trouble: 'too many', max: 4, left: 1 }]);
});

test('waiting and failed keep the rows, and the next write makes it ready', () => {
  const waiting = all(crew(), { do: 'put', rows: [{ name: 'A' }] }, { do: 'wait' }).listing;
  expect([waiting.state, names(waiting)]).toEqual(['waiting', ['A']]);
  const failed = write(crew(), waiting, { do: 'fail', why: 'No answer' }).listing;
  expect([failed.state, failed.why, names(failed)]).toEqual(['failed', 'No answer', ['A']]);
  expect(write(crew(), failed, { do: 'put', rows: [] }).listing).toMatchObject({ state: 'ready', why: '' });
});

test('rows without a key of their own are told apart by numbers that never come again', () => {
  const list = crew({ key: undefined });
  const { listing } = all(
    list,
    { do: 'put', rows: [{ name: 'A' }, { name: 'A' }] },
    { do: 'remove', keys: [2] },
    { do: 'put', rows: [{ name: 'A' }] },
  );
  expect(listing.rows.map(({ key }) => key)).toEqual(['1', '3']);
});

test('a changed key is another row; one that takes the key of another takes its place', () => {
  const { listing, troubles } = all(
    crew(),
    { do: 'put', rows: [{ name: 'A' }, { name: 'B' }, { name: 'C' }] },
    { do: 'change', rows: [{ key: 'A', given: { name: 'C' } }] },
  );
  expect(listing.rows.map(({ key }) => key)).toEqual(['B', 'C']);
  expect(troubles).toEqual([{ trouble: 'same key', key: 'C' }]);
});

/** Lists as they are described, written as plainly as can be: an array of pairs, looked through from the start. */
function plainly(list: ListValue, rows: [string, Record<string, Scalar>][], what: ListWrite) {
  const fits = (id: string, value: unknown): Scalar | undefined => {
    const field = list.fields.find((other) => other.id === id)!;
    if (field.type === 'number' && typeof value === 'number') return Math.max(0, Math.min(300, value));
    if (field.type === 'on/off' && typeof value === 'boolean') return value;
    if (field.type === 'choice') return value === 'east' || value === 'west' ? value : undefined;
    return (field.type === 'text' || field.type === 'picture') && typeof value === 'string'
      ? value
      : undefined;
  };
  if (what.do === 'clear') return [];
  if (what.do === 'remove') return rows.filter(([key]) => !what.keys.map(String).includes(key));
  if (what.do !== 'put' && what.do !== 'replace') return rows;
  const now = what.do === 'put' ? [...rows] : [];
  for (const given of what.rows) {
    const key = fits('name', given.name);
    if (key === undefined || key === '') continue;
    let row = now.find(([each]) => each === key);
    if (!row && now.length >= (list.max ?? MAX_ROWS)) continue;
    if (!row) now.push((row = [String(key), { name: '', ready: false, ping: 0, side: 'east', face: '' }]));
    else now[now.indexOf(row)] = row = [row[0], { ...row[1] }];
    for (const [id, value] of Object.entries(given)) {
      const fit = id in row[1] ? fits(id, value) : undefined;
      if (fit !== undefined) row[1][id] = fit;
    }
  }
  return now;
}

test('any writes leave what is described', () => {
  const writes = fc.array(
    anyListWrite.filter((each) => each.do !== 'change'),
    { maxLength: 8 },
  );
  fc.assert(
    fc.property(
      anyCrew.map((list) => ({ ...list, key: 'name' })),
      writes,
      (list, given) => {
        let now = START;
        let meant: [string, Record<string, Scalar>][] = [];
        for (const each of given) {
          now = write(list, now, each).listing;
          meant = plainly(list, meant, each);
          expect(now.rows.map(({ key, held }) => [key, held])).toEqual(meant);
        }
      },
    ),
  );
});

/** Keys are told apart, no more rows than there can be, every field there and of its type. */
function expectValid(list: ListValue, { rows }: Listing): void {
  expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length);
  expect(rows.length).toBeLessThanOrEqual(list.max ?? MAX_ROWS);
  for (const { key, held } of rows) {
    expect(Object.keys(held)).toEqual(list.fields.map(({ id }) => id));
    if (list.key !== undefined) expect(String(held[list.key])).toBe(key);
  }
}

test('with any edits in between a list is valid, and fitting it again changes nothing', () => {
  const turn = fc.tuple(anyCrew, fc.array(anyListWrite, { maxLength: 4 }));
  fc.assert(
    fc.property(fc.array(turn, { minLength: 1, maxLength: 4 }), (turns) => {
      let now = firstListing(turns[0]![0]);
      for (const [list, writes] of turns) {
        now = fitListing(list, now);
        expect(fitListing(list, now)).toBe(now);
        for (const each of writes) {
          now = write(list, now, each).listing;
          expectValid(list, now);
          expect(fitListing(list, now)).toBe(now);
        }
      }
    }),
  );
});

test('rows that are as they were are the very same, so that nothing about them is made anew', () => {
  fc.assert(
    fc.property(
      anyCrew.map((list) => ({ ...list, key: 'name' })),
      anyListWrite,
      (list, each) => {
        const before = write(list, firstListing(list), each).listing;
        const rows = before.rows.map(({ held }) => ({ ...held }));
        for (const again of ['put', 'replace'] as const)
          expect(write(list, before, { do: again, rows }).listing.rows).toEqual(before.rows);
        write(list, before, { do: 'replace', rows }).listing.rows.forEach((row, i) =>
          expect(row).toBe(before.rows[i]),
        );
      },
    ),
  );
});

test('a row cannot be left without its key', () => {
  const { listing, troubles } = all(
    crew(),
    { do: 'put', rows: [{ name: 'A' }] },
    { do: 'change', rows: [{ key: 'A', given: { name: '', ready: true } }] },
  );
  expect(listing.rows).toEqual([{ key: 'A', held: { name: 'A', ready: true, ping: 0 } }]);
  expect(troubles).toEqual([{ trouble: 'no key', field: 'name' }]);
});
