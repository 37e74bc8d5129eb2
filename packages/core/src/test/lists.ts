import fc from 'fast-check';
import type { GivenRow, ListWrite } from '../lists';
import type { ListValue, Row } from '../model';
import type { Input } from '../run';
import { lean } from './motions';

/** Random lists and what is written to them: few keys, so that rows meet, and some of it wrong. */

const NAMES = ['Ines', 'Bruno', 'Oda', 'Tam', 'a/b c', ''];

const anyRow: fc.Arbitrary<Row> = fc
  .record(
    {
      name: fc.constantFrom(...NAMES),
      ready: fc.boolean(),
      ping: fc.integer({ min: -20, max: 400 }),
      side: fc.constantFrom('east', 'west'),
      face: fc.constantFrom('i-a', 'i-b', ''),
    },
    { requiredKeys: ['name'] },
  )
  .map((row) => lean(row) as Row);

/** Players who have joined. */
export const anyCrew: fc.Arbitrary<ListValue> = fc
  .record({
    keyed: fc.boolean(),
    max: fc.constantFrom(undefined, 1, 3, 4),
    life: fc.constantFrom('session' as const, 'progress' as const, 'settings' as const),
    byGame: fc.boolean(),
    start: fc.array(anyRow, { maxLength: 3 }),
    samples: fc.array(anyRow, { maxLength: 4 }),
  })
  .map(({ keyed, start, ...rest }) =>
    lean({
      id: 'crew',
      name: 'crew',
      section: 'Lamp',
      fields: [
        { id: 'name', name: 'name', type: 'text' },
        { id: 'ready', name: 'ready', type: 'on/off' },
        { id: 'ping', name: 'ping', type: 'number', min: 0, max: 300 },
        {
          id: 'side',
          name: 'side',
          type: 'choice',
          options: [
            { id: 'east', label: 'East' },
            { id: 'west', label: 'West' },
          ],
        },
        { id: 'face', name: 'face', type: 'picture' },
      ],
      key: keyed ? 'name' : undefined,
      default: start,
      ...rest,
    } as ListValue),
  ) as fc.Arbitrary<ListValue>;

/** The same list where it shows saved games. */
export const anySavedCrew: fc.Arbitrary<ListValue> = fc
  .tuple(anyCrew, fc.subarray(['1', '2', 'a/b c']))
  .map(([crew, slots]) => ({
    ...crew,
    life: 'session',
    default: [],
    saved: {
      slots,
      holds: {
        name: { part: 'slot' },
        ping: { part: 'when' },
        ready: { value: 'lit' },
        face: { value: 'gone' },
      },
    },
  }));

const anyGiven: fc.Arbitrary<GivenRow> = fc.oneof(
  { weight: 5, arbitrary: anyRow },
  {
    weight: 1,
    arbitrary: fc.constantFrom<GivenRow>({ ready: 3 }, { nobody: 1, name: 'Oda' }, { name: 7 }, {}),
  },
);
const given = fc.array(anyGiven, { maxLength: 5 });

export const anyListWrite: fc.Arbitrary<ListWrite> = fc.oneof(
  given.map((rows): ListWrite => ({ do: 'replace', rows })),
  given.map((rows): ListWrite => ({ do: 'put', rows })),
  given.map((rows): ListWrite => ({ do: 'put', rows })),
  fc
    .array(fc.tuple(fc.constantFrom(...NAMES, '1', '2'), anyGiven), { maxLength: 2 })
    .map((rows): ListWrite => ({ do: 'change', rows: rows.map(([key, row]) => ({ key, given: row })) })),
  fc
    .array(fc.constantFrom<string | number>(...NAMES, 1, 2), { maxLength: 2 })
    .map((keys): ListWrite => ({ do: 'remove', keys })),
  fc.constantFrom<ListWrite>(
    { do: 'clear' },
    { do: 'wait' },
    { do: 'fail', why: 'No lamp answers' },
    { do: 'fail', why: '' },
  ),
);

export const anyListInput: fc.Arbitrary<Input> = fc
  .tuple(fc.constantFrom('crew', 'crew', 'crew', 'gone'), anyListWrite, fc.boolean())
  .map(([list, write, byHand]): Input => ({ type: 'list', list, write, byHand }));
