import fc from 'fast-check';
import type { ListWrite } from '../lists';
import type { Element, ListElement, ListValue, Project } from '../model';
import { accessOf } from '../access';
import { anyCrew, anyListWrite } from '../test/lists';
import { link, Play, press, projectOf, screenOf } from '../test/flows';
import { hitTest, paintRun } from '../paint';
import { compile } from '../compile';
import { begin, reconcile, step, validateState, withRows } from '.';

/** Rows on a screen: what they show, how they are gone through and pressed, and where the focus goes as they come and go. */

const players: ListValue = {
  id: 'y-players',
  name: 'players',
  section: 'Lobby',
  life: 'session',
  byGame: true,
  fields: [
    { id: 'name', name: 'name', type: 'text' },
    { id: 'ready', name: 'ready', type: 'on/off', on: 'ready', off: 'waiting' },
    { id: 'ping', name: 'ping', type: 'number' },
  ],
  key: 'name',
  default: ['Ines', 'Oda', 'Tam', 'Bruno'].map((name, i) => ({ name, ping: i * 40, ready: i % 2 === 0 })),
  samples: [],
};
const at = (x: number, y: number, width: number, height: number): Element['place'] => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
const box = { style: 'b-panel' };
const look = { style: 't-body' };
const list = (over: Partial<ListElement> = {}): ListElement => ({
  id: 'table',
  name: 'Players',
  type: 'list',
  parent: null,
  place: at(100, 100, 600, 300),
  rows: [],
  rowHeight: 60,
  list: 'y-players',
  row: 'k-row',
  look,
  box,
  ...over,
});
const words = (id: string, text: string, over: Partial<Element> = {}): Element =>
  ({ id, name: id, type: 'text', parent: null, place: at(0, 0, 300, 40), text, look, ...over }) as Element;
const kick: Element = {
  id: 'kick',
  name: 'Kick',
  type: 'button',
  parent: null,
  place: at(400, 0, 100, 40),
  text: 'Kick',
  look,
  box,
};
const component = (id: string, elements: Element[], parameters: Component['parameters'] = []): Component => ({
  id,
  name: id,
  width: 600,
  height: 60,
  parameters,
  elements,
});
type Component = NonNullable<Project['components']>[number];
const ROW = [
  words('who', '{name}'),
  words('far', '{row.ping} ms', { shownWhen: 'row.ping > 50' }),
  words('is', 'Ready', { shownWhen: 'ready' }),
];
const PARAMETERS: Component['parameters'] = [
  { id: 'q-name', name: 'name', type: 'text', default: '' },
  { id: 'q-ready', name: 'ready', type: 'on/off', default: false },
];

const lobby = (
  table: Partial<ListElement> = {},
  {
    value = {},
    row = ROW,
    over = {},
  }: { value?: Partial<ListValue>; row?: Element[]; over?: Partial<Project> } = {},
): Project => {
  const screen = screenOf('lobby', {}, ['back']);
  screen.elements.push(list(table));
  return projectOf(
    [screen, screenOf('player', { parameters: [{ id: 'who', name: 'who', type: 'text' }] })],
    [
      link('lobby', press('table'), 'go', 'player', { when: 'row.name != "Tam"', args: { who: 'row.name' } }),
      link('k-row', press('kick'), 'stay', undefined, {
        effects: [{ do: 'remove rows', list: 'y-players', where: 'name == row.name' }],
      }),
    ],
    {
      lists: [{ ...players, ...value }],
      components: [
        component('k-row', row, PARAMETERS),
        component('k-none', [words('nobody', 'Nobody yet')]),
        component('k-wait', [words('wait', 'Looking')]),
        component(
          'k-failed',
          [words('why', 'Sorry: {why}')],
          [{ id: 'why', name: 'why', type: 'text', default: '?' }],
        ),
        component('k-open', [words('seat', 'Waiting for a player')]),
      ],
      ...over,
    },
  );
};
const write = (play: Play, what: ListWrite): Play =>
  play.give({ type: 'list', list: 'y-players', write: what });
const removed = (play: Play, ...keys: string[]): Play => write(play, { do: 'remove', keys });
/** What is told of it to somebody who cannot see it, row by row. */
const told = (play: Play): string[] =>
  accessOf(play.flow, play.state)[0]!
    .items.map(({ name }) => name)
    .filter((name) => name !== 'back');
const screenNow = (play: Play) => withRows(play.flow, play.state).screens.get('lobby')!;
const rectOf = (play: Play, path: string) => screenNow(play).layout.get(path)!;
const drawn = (play: Play): string => JSON.stringify(paintRun(play.flow, play.state));
const click = (play: Play, path: string): Play => {
  const rect = rectOf(play, path);
  const flow = withRows(play.flow, play.state);
  const spot = hitTest(flow, play.state, rect.x + rect.width / 2, rect.y + rect.height / 2);
  play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
  return play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot });
};

test('each row says what it holds, and shows what holds for it', () => {
  const play = new Play(lobby());
  for (const name of ['Ines', 'Oda', 'Tam', 'Bruno']) expect(drawn(play)).toContain(`"${name}"`);
  const screen = screenNow(play);
  expect(rectOf(play, 'table/Oda')).toEqual({ x: 100, y: 160, width: 600, height: 60 });
  expect(screen.byId.has('table/Bruno/far')).toBe(true);
  expect(drawn(play)).toContain('80 ms');
  expect(drawn(play)).not.toContain('"40 ms"');
});

test('to somebody who cannot see it, each row is told with its place and what it says', () => {
  expect(told(new Play(lobby()))).toEqual([
    'Players',
    '1 of 4, Ines, Ready',
    '2 of 4, Oda',
    '3 of 4, Tam, 80 ms, Ready',
    '4 of 4, Bruno, 120 ms',
  ]);
  const own = told(new Play(lobby({}, { row: [...ROW, kick] })));
  expect(own.slice(1, 3)).toEqual(['1 of 4, Ines, Ready', 'Kick']);
});

test('what the game says is never taken for a name or a mark', () => {
  const play = write(new Play(lobby()), { do: 'replace', rows: [{ name: '{ping} [bold] {name' }] });
  expect(drawn(play)).toContain('{ping} [bold] {name');
});

test('rows stand in columns, and to the right', () => {
  const beside = new Play(lobby({ columns: 2, gap: 10 }));
  expect(rectOf(beside, 'table/Tam')).toEqual({ x: 100, y: 170, width: 295, height: 60 });
  expect(rectOf(beside, 'table/Bruno').x).toBe(405);
  expect(rectOf(new Play(lobby({ across: true })), 'table/Oda')).toEqual({
    x: 160,
    y: 100,
    width: 60,
    height: 300,
  });
});

test('in order of two fields each way, those that are alike as they came', () => {
  const rows = [
    { name: 'a', ready: true, ping: 9 },
    { name: 'b', ready: false, ping: 9 },
    { name: 'c', ready: true, ping: 3 },
    { name: 'd', ready: false, ping: 9 },
  ];
  const play = write(new Play(lobby({ sort: [{ by: 'ready', down: true }, { by: 'ping' }] })), {
    do: 'replace',
    rows,
  });
  expect(['c', 'a', 'b', 'd'].map((name) => rectOf(play, `table/${name}`).y)).toEqual([100, 160, 220, 280]);
});

test('only those are shown that a filter lets through, as values stand', () => {
  const values = [
    { id: 'far', name: 'far', section: 'Lobby', life: 'session', type: 'number', default: 50 },
  ] as Project['values'];
  const play = new Play(lobby({ filter: 'ping < far' }, { over: { values } }));
  expect(screenNow(play).byId.has('table/Tam')).toBe(false);
  play.give({ type: 'value', value: 'far', to: 90, byHand: true });
  expect(screenNow(play).byId.has('table/Tam')).toBe(true);
});

test('pieces stand in place of rows while there are none, while they are waited for, and once they failed', () => {
  const play = new Play(lobby({ empty: 'k-none', waiting: 'k-wait', failed: 'k-failed' }));
  expect(drawn(write(play, { do: 'wait' }))).toContain('Looking');
  expect(drawn(write(play, { do: 'fail', why: 'No answer' }))).toContain('Sorry: No answer');
  expect(drawn(play)).not.toContain('"Ines"');
  expect(drawn(write(play, { do: 'clear' }))).toContain('Nobody yet');
  expect(drawn(write(play, { do: 'put', rows: [{ name: 'Eve' }] }))).not.toContain('Nobody yet');
});

test('places that are not taken are shown up to the most', () => {
  const play = new Play(lobby({ open: 'k-open' }, { value: { max: 5 } }));
  const seats = (now: Play) => drawn(now).split('Waiting for a player').length - 1;
  expect(seats(play)).toBe(1);
  expect(seats(removed(play, 'Ines', 'Oda'))).toBe(3);
});

test('a row is pressed: its fields are in the condition and go with the link', () => {
  const play = click(new Play(lobby()), 'table/Oda');
  expect([play.up, play.state.base.args.who]).toEqual([['player'], 'Oda']);
  const refused = click(new Play(lobby()), 'table/Tam');
  expect(refused.up).toEqual(['lobby']);
  expect(refused.did('nowhere')[0]?.passed?.[0]?.reason).toMatchObject({ read: [['row.name', 'Tam']] });
});

test('a button within a row acts on its row, and the rest of the row for the list', () => {
  const play = click(new Play(lobby({}, { row: [...ROW, kick] })), 'table/Oda/kick');
  expect(screenNow(play).byId.has('table/Oda')).toBe(false);
  expect(click(play, 'table/Bruno/who').state.base.args.who).toBe('Bruno');
});

const focused = (name: string, play = new Play(lobby())): Play => {
  while (play.focus !== `table/${name}`) play.key('ArrowDown');
  return play;
};

test('the focus stays with its row while others come, go and change places', () => {
  const play = removed(focused('Tam'), 'Ines');
  expect(play.focus).toBe('table/Tam');
  write(play, { do: 'put', rows: [{ name: 'Eve' }] });
  expect(play.key('ArrowUp').focus).toBe('table/Oda');
});

test('when its row goes the next has it, else the one before, else what stands outside', () => {
  const play = removed(focused('Tam'), 'Tam');
  expect(play.focus).toBe('table/Bruno');
  expect(removed(play, 'Bruno').focus).toBe('table/Oda');
  expect(removed(play, 'Oda').focus).toBe('table/Ines');
  expect(removed(play, 'Ines').focus).toBe('back');
});

test('a row whose key changes is a row that went and one that came', () => {
  const play = focused('Oda');
  write(play, { do: 'change', rows: [{ key: 'Oda', given: { name: 'Eve' } }] });
  expect(play.focus).toBe('table/Tam');
});

test('a screen that arrives has its focus on the first row', () => {
  const project = lobby({}, { over: { start: 'player' } });
  project.screens[0]!.elements = project.screens[0]!.elements.filter(({ id }) => id === 'table');
  project.links.push(link('player', press('x'), 'go', 'lobby'));
  project.links.push({ ...link('player', { on: 'arrival' }, 'go', 'lobby'), id: 'l-at-once' });
  expect(new Play(project).focus).toBe('table/Ines');
});

const many = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ name: `p${i}`, ping: i % 300, ready: i % 3 === 0 }));

test('of ten thousand rows only those that are seen are there, wherever the focus or the wheel goes', () => {
  const play = write(new Play(lobby()), { do: 'replace', rows: many(10_000) });
  expect(screenNow(play).elements.length).toBeLessThan(200);
  play.give({
    type: 'scroll',
    device: 'pointer',
    serial: play.state.base.serial,
    area: 'table',
    x: 0,
    y: 300_000,
  });
  expect(screenNow(play).byId.has('table/p5000')).toBe(true);
  expect(screenNow(play).elements.length).toBeLessThan(200);
  play.key('ArrowDown');
  const start = play.focus;
  for (let n = 0; n < 40; n++) play.key('ArrowDown');
  expect(play.focus).not.toBe(start);
  expect(rectOf(play, play.focus!)).toBeDefined();
});

test('whatever is written and edited in between, the focus is on something that is there', () => {
  const turn = fc.oneof(
    anyListWrite.map((each) => ({ write: each })),
    anyCrew.map((list) => ({ list })),
    fc.constantFrom('ArrowDown', 'ArrowUp', 'Enter').map((code) => ({ code })),
    fc.integer({ min: 0, max: 900 }).map((y) => ({ y })),
  );
  const tables = fc.record(
    {
      columns: fc.integer({ min: 1, max: 3 }),
      sort: fc.constantFrom<ListElement['sort']>(
        [{ by: 'ping' }],
        [{ by: 'name', down: true }, { by: 'gone' }],
      ),
      filter: fc.constantFrom('ready', 'ping > 100', 'nobody'),
      open: fc.constant('k-open'),
      empty: fc.constant('k-none'),
    },
    { requiredKeys: [] },
  );
  fc.assert(
    fc.property(tables, anyCrew, fc.array(turn, { maxLength: 20 }), (table, crew, turns) => {
      const of = (value: ListValue): Project =>
        lobby(table, { value: { ...value, id: 'y-players', byGame: true } });
      let flow = compile(of(crew));
      let { state } = begin(flow);
      for (const each of turns) {
        if ('list' in each) {
          flow = compile(of(each.list), flow);
          state = reconcile(flow, state);
          expect(reconcile(flow, state)).toEqual(state);
        } else if ('write' in each)
          state = step(flow, state, { type: 'list', list: 'y-players', write: each.write }).state;
        else if ('y' in each)
          state = step(flow, state, {
            type: 'scroll',
            device: 'touch',
            serial: state.base.serial,
            area: 'table',
            x: 0,
            y: each.y,
          }).state;
        else state = step(flow, state, { type: 'key', code: each.code, phase: 'down' }).state;
        if ('code' in each) state = step(flow, state, { type: 'key', code: each.code, phase: 'up' }).state;
        expect(validateState(flow, state)).toEqual([]);
        const { focus } = state.base;
        if (focus !== null)
          expect(withRows(flow, state).screens.get(state.base.screen)!.focus.order).toContain(focus);
        paintRun(flow, state);
      }
    }),
  );
});

test('keys can be any text at all, and are told apart', () => {
  const keys = fc.uniqueArray(fc.string({ unit: 'binary', minLength: 1, maxLength: 4 }), { maxLength: 6 });
  const odd = fc.constantFrom('\ud800', '%', '%0025', '/', 'a/b', ':empty', '__proto__', ' ');
  fc.assert(
    fc.property(keys, fc.uniqueArray(odd), (some, more) => {
      const all = [...new Set([...some, ...more])];
      const play = write(new Play(lobby()), { do: 'replace', rows: all.map((name) => ({ name })) });
      const { rows, layout } = screenNow(play);
      expect(new Set([...rows.values()].map(({ path }) => path)).size).toBe(all.length);
      for (const { path } of rows.values()) expect(layout.has(path)).toBe(true);
      expect(validateState(play.flow, play.state)).toEqual([]);
      paintRun(play.flow, play.state);
    }),
  );
});

test('nothing is put in anew as long as nothing is otherwise', () => {
  const play = new Play(lobby({ sort: [{ by: 'ping', down: true }], filter: 'ping >= 0' }));
  const before = withRows(play.flow, play.state);
  expect(withRows(play.flow, play.wait(500).state)).toBe(before);
  expect(withRows(play.flow, removed(play, 'Tam').state)).not.toBe(before);
});
