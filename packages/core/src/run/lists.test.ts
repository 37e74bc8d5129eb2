import fc from 'fast-check';
import type { ListValue, Project } from '../model';
import { anyInput, anyProject } from '../test/arbitrary';
import { event, link, Play, press, projectOf, screenOf } from '../test/flows';
import { keptOf, readKept, validateState } from '.';

/** Lists in a run: what the game and the flow write to them, and what becomes of it. */

const players: ListValue = {
  id: 'y-players',
  name: 'players',
  section: 'Lobby',
  life: 'session',
  byGame: true,
  fields: [
    { id: 'name', name: 'name', type: 'text' },
    { id: 'ready', name: 'ready', type: 'on/off' },
    { id: 'ping', name: 'ping', type: 'number' },
  ],
  key: 'name',
  max: 4,
  default: [],
  samples: [{ name: 'Ines' }],
};
const joins = {
  id: 'joins',
  name: 'joins',
  direction: 'in' as const,
  fields: [
    { id: 'who', name: 'who', type: 'text' as const },
    { id: 'far', name: 'far', type: 'number' as const },
  ],
};
const lobby = (list: Partial<ListValue> = {}, over: Partial<Project> = {}): Project =>
  projectOf(
    [screenOf('lobby', {}, ['start', 'slow', 'clear', 'save', 'load', 'later', 'reset']), screenOf('game')],
    [
      link('lobby', event('joins'), 'stay', undefined, {
        effects: [{ do: 'add row', list: 'y-players', args: { name: 'who', ping: 'far' } }],
      }),
      link('lobby', event('ready'), 'stay', undefined, {
        effects: [{ do: 'change rows', list: 'y-players', where: 'name == who', args: { ready: '!ready' } }],
      }),
      link('lobby', press('slow'), 'stay', undefined, {
        effects: [{ do: 'remove rows', list: 'y-players', where: 'ping > max(players, ping) - 10' }],
      }),
      link('lobby', press('clear'), 'stay', undefined, {
        effects: [{ do: 'remove rows', list: 'y-players' }],
      }),
      link('lobby', press('later'), 'stay', undefined, {
        effects: [{ do: 'change rows', list: 'y-players', args: { ping: 'ping + 1' }, after: '500 ms' }],
      }),
      link('lobby', press('save'), 'stay', undefined, { effects: [{ do: 'save', slot: '1' }] }),
      link('lobby', press('load'), 'stay', undefined, { effects: [{ do: 'load', slot: '1' }] }),
      link('lobby', press('reset'), 'stay', undefined, { effects: [{ do: 'reset' }] }),
      link('lobby', press('start'), 'go', 'game', {
        when: 'count(players) > 1 && all(players, ready)',
      }),
    ],
    {
      lists: [{ ...players, ...list }],
      events: [joins, { ...joins, id: 'ready', name: 'ready', fields: [joins.fields[0]!] }],
      ...over,
    },
  );
const join = (play: Play, who: string, far = 10): Play =>
  play.give({ type: 'event', event: 'joins', fields: { who, far } });
const makesReady = (play: Play, who: string): Play =>
  play.give({ type: 'event', event: 'ready', fields: { who } });
const tap = (play: Play, element: string): Play => {
  const spot = { serial: play.state.base.serial, element };
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
  return play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot });
};
const held = ({ state }: Play) => (state.lists['y-players']?.rows ?? []).map(({ held }) => held);
const names = (play: Play) => held(play).map(({ name }) => name);

test('events fill it, and the game can begin only when all are ready', () => {
  const play = join(join(new Play(lobby()), 'Ines'), 'Oda', 40);
  expect(held(play)).toEqual([
    { name: 'Ines', ready: false, ping: 10 },
    { name: 'Oda', ready: false, ping: 40 },
  ]);
  expect(tap(makesReady(play, 'Ines'), 'start').up).toEqual(['lobby']);
  expect(tap(makesReady(play, 'Oda'), 'start').up).toEqual(['game']);
});

test('a fifth is refused, and the log says so', () => {
  const play = new Play(lobby());
  for (const who of ['Ines', 'Oda', 'Tam', 'Bruno', 'Eve']) join(play, who);
  expect(names(play)).toEqual(['Ines', 'Oda', 'Tam', 'Bruno']);
  expect(play.did('list').at(-1)).toMatchObject({ troubles: [{ trouble: 'too many', max: 4, left: 1 }] });
});

test('rows are removed by what holds for them, and all of them at once', () => {
  const play = join(join(join(new Play(lobby()), 'Ines', 10), 'Oda', 95), 'Tam', 100);
  expect(names(tap(play, 'slow'))).toEqual(['Ines']);
  expect(names(tap(play, 'clear'))).toEqual([]);
});

test('what comes later is done to the rows of that time', () => {
  const play = tap(join(new Play(lobby()), 'Ines', 10), 'later').wait(400);
  join(play, 'Oda', 20).wait(200);
  expect(held(play).map(({ ping }) => ping)).toEqual([11, 21]);
});

test('the game writes only lists that say so; a hand writes any', () => {
  const write = { do: 'put' as const, rows: [{ name: 'Ines' }] };
  const closed = new Play(lobby({ byGame: undefined }));
  closed.give({ type: 'list', list: 'y-players', write });
  expect([closed.did('list refused').length, names(closed)]).toEqual([1, []]);
  expect(names(closed.give({ type: 'list', list: 'y-players', write, byHand: true }))).toEqual(['Ines']);
  expect(closed.give({ type: 'list', list: 'gone', write }).did('list refused')).toHaveLength(2);
});

test('with a saved game go its lists, and no others', () => {
  const saved = tap(join(new Play(lobby({ life: 'progress' })), 'Ines'), 'save');
  expect(names(tap(tap(saved, 'clear'), 'load'))).toEqual(['Ines']);
  const session = tap(join(new Play(lobby()), 'Ines'), 'save');
  expect(names(tap(tap(session, 'clear'), 'load'))).toEqual([]);
});

test('what is reset holds what it does at first', () => {
  const play = join(new Play(lobby({ default: [{ name: 'Host' }] })), 'Ines');
  expect(names(play)).toEqual(['Host', 'Ines']);
  expect(tap(play, 'reset').state.lists).toEqual({});
});

test('what outlasts a run is read back as it was, from before there were lists too', () => {
  const play = tap(join(new Play(lobby({ life: 'settings' })), 'Ines'), 'save');
  const kept = keptOf(play.flow, play.state);
  expect(readKept(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
  expect(readKept({ saves: { 1: { oil: 3 } } }).saves).toEqual({ 1: { values: { oil: 3 }, lists: {} } });
  expect(
    readKept({ lists: { a: { rows: [{ key: 4 }, 'x', { key: 'k', held: { a: [] } }] }, b: 3 } }).lists,
  ).toEqual({ a: { state: 'ready', why: '', next: 1, rows: [{ key: 'k', held: {} }] } });
});

test('an edit of its fields leaves what still fits, and a run is valid through any of it', () => {
  const play = join(new Play(lobby()), 'Ines', 70);
  play.edit((project) => {
    project.lists![0]!.fields[2] = { id: 'ping', name: 'ping', type: 'number', max: 50 };
    project.lists![0]!.fields.push({ id: 'face', name: 'face', type: 'picture' });
  });
  expect(held(play)).toEqual([{ name: 'Ines', ready: false, ping: 50, face: '' }]);
  fc.assert(
    fc.property(anyProject, fc.array(anyInput, { maxLength: 30 }), (project, inputs) => {
      const any = new Play(project);
      for (const input of inputs) {
        any.give(input);
        expect(validateState(any.flow, any.state)).toEqual([]);
      }
    }),
  );
});
