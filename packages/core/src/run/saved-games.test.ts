import fc from 'fast-check';
import { commands } from '../edit';
import { findingsOf } from '../check';
import type { Project } from '../model';
import { anySavedCrew } from '../test/lists';
import { event, link, Play, press, projectOf, screenOf } from '../test/flows';
import { listed } from '../test/listed';
import { keptOf, listingOf, readKept } from '.';
import type { SavedGame } from './state';

/** Saved games as a list: what is in each slot, saved over after a question, and what of it cannot be read. */

const NOON = Date.UTC(2031, 4, 17, 12);

/** A screen with a row for each slot: a free one is saved to at once, any other after a question. */
const slots = (): Project => {
  const { element } = listed();
  const confirm = screenOf(
    'Over',
    { layer: 'overlay', outcomes: ['yes', 'no'].map((id) => ({ id, name: id })) },
    ['yes', 'no'],
  );
  const project = projectOf(
    [screenOf('Save', {}, ['more']), confirm],
    [
      ...['yes', 'no'].map((outcome) => link('Over', press(outcome), 'back', undefined, { outcome })),
      link('Save', event('found'), 'stay', undefined, {
        effects: [{ do: 'set', value: 'v-oil', to: 'oil + 1' }],
      }),
    ],
    {
      values: [
        { id: 'v-oil', name: 'oil', section: 'Lamp', life: 'progress', type: 'number', default: 40 },
        { id: 'v-loud', name: 'loud', section: 'Lamp', life: 'settings', type: 'number', default: 3 },
      ],
      events: [{ id: 'found', name: 'found', direction: 'in' }],
    },
  );
  const list = commands['add saved games list'](project, { name: 'games' })!;
  commands['tell of saved value'](project, { list, value: 'v-oil', told: true });
  const row = commands['make row'](project, { list, width: 700, height: 80, look: { style: 't-body' } })!;
  project.screens[0]!.elements.push({ ...element, list, row });
  const save = { effects: [{ do: 'save' as const, slot: 'row.slot' }] };
  project.links.push(
    link('Save', press('table'), 'stay', undefined, { when: 'row.state == "empty"', ...save }),
    link('Save', press('table'), 'open', 'Over'),
    link('Save', { on: 'returned', screen: 'Over', outcome: 'yes' }, 'stay', undefined, save),
  );
  return project;
};
const rows = ({ flow, state }: Play): Record<string, unknown>[] => {
  const [list] = flow.project.lists!;
  return listingOf(flow, state, list!.id)!.rows.map(({ held }) =>
    Object.fromEntries(list!.fields.map(({ id, name }) => [name, held[id]])),
  );
};
const tap = (play: Play, row: string, clock = NOON): Play => {
  const element = `table/${row}`;
  for (const phase of ['down', 'up'] as const)
    play.give({
      type: 'pointer',
      device: 'pointer',
      phase,
      spot: { serial: play.state.base.serial, element },
      clock,
    });
  return play;
};
const answer = (play: Play, element: string, clock: number): Play => {
  const { serial } = play.state.overlays[0]!;
  for (const phase of ['down', 'up'] as const)
    play.give({ type: 'pointer', device: 'pointer', phase, spot: { serial, element }, clock });
  return play;
};
const EMPTY = { when: 0, state: 'empty', oil: 0 };

test('each slot has a row: empty, or with when it was saved and what a value was then', () => {
  const play = new Play(slots());
  expect(rows(play)).toEqual(['1', '2', '3'].map((slot) => ({ slot, ...EMPTY })));
  play.give({ type: 'event', event: 'found' });
  tap(play, '2');
  play.give({ type: 'event', event: 'found' });
  expect(rows(play)[1]).toEqual({ slot: '2', when: NOON, state: 'saved', oil: 41 });
  expect(rows(play)[0]).toEqual({ slot: '1', ...EMPTY });
  expect(findingsOf(play.flow.project)).toEqual([]);
  // The very same as long as nothing else is saved, whatever is asked of other runs meanwhile.
  const asked = () => listingOf(play.flow, play.state, play.flow.project.lists![0]!.id);
  const before = asked();
  rows(new Play(slots()));
  listingOf(play.flow, { lists: {}, saves: {} }, play.flow.project.lists![0]!.id);
  expect(asked()).toBe(before);
});

test('a slot that holds a game is saved over once that is confirmed, and not before', () => {
  const play = tap(new Play(slots()), '2');
  play.give({ type: 'event', event: 'found' });
  answer(tap(play, '2', NOON + 1), 'no', NOON + 2);
  expect(rows(play)[1]).toMatchObject({ when: NOON, oil: 40 });
  answer(tap(play, '2', NOON + 3), 'yes', NOON + 4);
  expect(rows(play)[1]).toMatchObject({ when: NOON + 4, oil: 41 });
  expect(Object.keys(play.state.saves)).toEqual(['2']);
});

test('what cannot be read is damaged: there to be seen, not to be loaded, and saved over', () => {
  const { flow } = new Play(slots());
  const kept = readKept({ saves: { 1: 'torn', 3: { values: { 'v-oil': 7 }, lists: {}, when: NOON } } });
  const play = new Play(slots());
  play.state = { ...play.state, saves: kept.saves! };
  expect(rows(play).map(({ state, oil }) => [state, oil])).toEqual([
    ['damaged', 0],
    ['empty', 0],
    ['saved', 7],
  ]);
  play.edit((project) => {
    project.links.push(
      link('Save', press('more'), 'stay', undefined, {
        when: 'saveExists(3) && !saveExists(1)',
        effects: [{ do: 'load', slot: '1' }],
      }),
    );
  });
  const { serial } = play.state.base;
  for (const phase of ['down', 'up'] as const)
    play.give({ type: 'pointer', device: 'pointer', phase, spot: { serial, element: 'more' } });
  expect(play.outcomes.at(-1)).toMatchObject({ did: 'load', slot: '1', found: false });
  expect(play.state.values['v-oil']).toBe(40);
  // Kept again and read again it is what it was.
  expect(readKept(JSON.parse(JSON.stringify(keptOf(flow, play.state)))).saves).toEqual(play.state.saves);
  answer(tap(play, '1'), 'yes', NOON);
  expect(rows(play)[0]).toMatchObject({ state: 'saved', oil: 40 });
});

test('rows stand in the order of the named slots, then of what was saved, and nothing else can put one in', () => {
  fc.assert(
    fc.property(anySavedCrew, fc.array(fc.constantFrom('1', '2', '3', 'a/b c', 'z')), (crew, saved) => {
      const play = new Play(
        projectOf([screenOf('Save')], [], {
          lists: [crew],
          events: [],
          values: [{ id: 'lit', name: 'lit', section: 'L', life: 'progress', type: 'on/off', default: true }],
        }),
      );
      const saves: Record<string, SavedGame> = {};
      for (const [i, slot] of saved.entries())
        saves[slot] = { values: i % 2 ? { lit: false } : {}, lists: {}, when: i * 10 };
      play.state = { ...play.state, saves };
      play.give({ type: 'list', list: 'crew', write: { do: 'put', rows: [{ name: 'Oda' }] } });
      expect(play.did('list refused')).toMatchObject([{ why: 'saved games' }]);
      const expected: string[] = [];
      // Whole numbers come first among the names of an object, and each once.
      for (const slot of [...crew.saved!.slots, ...Object.keys(saves)])
        if (!expected.includes(slot) && expected.length < (crew.max ?? 99)) expected.push(slot);
      const listing = listingOf(play.flow, play.state, 'crew')!;
      expect(listing.rows.map(({ key, held }) => [key, held.name, held.ping, held.ready])).toEqual(
        expected.map((slot) => [
          slot,
          slot,
          Math.min(300, saves[slot]?.when ?? 0),
          saves[slot] ? (saves[slot].values.lit ?? true) : false,
        ]),
      );
    }),
  );
});

test('a field that tells of a value is of its type, and goes when it is told no more', () => {
  const project = slots();
  const [list] = project.lists!;
  commands['change type'](project, { value: 'v-oil', type: { type: 'text' } });
  expect(list!.fields.at(-1)).toMatchObject({ name: 'oil', type: 'text' });
  commands['name slots'](project, { list: list!.id, slots: ['quick', 'quick', '1'] });
  expect(list!.saved!.slots).toEqual(['quick', '1']);
  commands['tell of saved value'](project, { list: list!.id, value: 'v-oil', told: false });
  expect(list!.fields.map(({ name }) => name)).toEqual(['slot', 'when', 'state']);
  expect(Object.keys(list!.saved!.holds)).toHaveLength(3);
});
