import { compile } from '@tavu/core/compile';
import { blankProject, type Element, type Project, type Screen } from '@tavu/core/model';
import { begin, readKept, step, type Input } from '@tavu/core/run';
import { PadReader } from './pad';
import { paceOf, Repeats } from './repeats';
import { loudness } from './sounds';
import { usualSound } from './usual';

const button = (id: string, y: number, over: object = {}): Element =>
  ({
    id,
    name: id,
    type: 'button',
    parent: null,
    place: { x: { at: 'start', offset: 0, size: 280 }, y: { at: 'start', offset: y, size: 72 } },
    text: id,
    look: { style: 't-button' },
    box: { style: 'b-button' },
    ...over,
  }) as Element;
const screen = (id: string, layer: Screen['layer'], elements: Element[]): Screen => ({
  id,
  name: id,
  kind: 'custom',
  layer,
  background: { colour: '#000000' },
  elements,
});
const project: Project = {
  ...blankProject('Test'),
  defaults: { motion: { name: 'none' }, order: 'after', masked: 'ignored' },
  screens: [
    screen('s', 'base', [
      button('a', 0),
      button('b', 100, { sound: 'own' }),
      button('c', 200, { type: 'switch', value: 'sub' }),
    ]),
    screen('over', 'overlay', [button('x', 0)]),
  ],
  start: 's',
  links: [
    {
      id: 'l1',
      from: 's',
      trigger: { on: 'press', element: 'a' },
      kind: 'open',
      to: { screen: 'over' },
      effects: [],
    },
    {
      id: 'l2',
      from: 's',
      trigger: { on: 'press', element: 'b' },
      kind: 'open',
      to: { screen: 'over' },
      effects: [],
    },
    {
      id: 'l3',
      from: 'over',
      trigger: { on: 'action', action: 'back', when: 'down' },
      kind: 'back',
      effects: [],
    },
  ],
  values: [
    { id: 'sub', name: 'sub', section: 'A', life: 'settings', type: 'on/off', default: false },
    {
      id: 'all',
      name: 'all',
      section: 'A',
      life: 'settings',
      type: 'number',
      min: 0,
      max: 200,
      default: 100,
    },
    { id: 'low', name: 'low', section: 'A', life: 'settings', type: 'number', default: 20 },
  ],
  sound: {
    focus: 'tick',
    press: 'click',
    open: 'open',
    back: 'back',
    volumes: { all: 'all', music: 'low' },
    under: 0.5,
    fade: '300 ms',
  },
};
const flow = compile(project);

test('every step a player makes has the one sound that belongs to it', () => {
  let { state } = begin(flow);
  const heard = (input: Input): string | null => {
    const before = state;
    const stepped = step(flow, state, input);
    state = stepped.state;
    return usualSound(flow, before, state, stepped.outcomes);
  };
  const key = (code: string): string | null => {
    const found = heard({ type: 'key', code, phase: 'down' });
    heard({ type: 'key', code, phase: 'up' });
    return found;
  };
  expect(key('Enter')).toBe('open');
  expect(key('Escape')).toBe('back');
  expect(key('ArrowDown')).toBe('tick');
  expect(key('Enter')).toBe('own');
  expect(key('Escape')).toBe('back');
  expect(key('ArrowDown')).toBe('tick');
  expect(key('Enter')).toBe('click');
  expect(key('KeyZ')).toBeNull();
  expect(heard({ type: 'value', value: 'sub', to: false, byHand: true })).toBeNull();
  expect(heard({ type: 'time', pass: 1000 })).toBeNull();
});

test('how loud it is follows its values and what lies over it', () => {
  const { state } = begin(flow);
  expect(loudness(flow, state)).toEqual({ music: 0.1, effects: 0.5, fade: 300 });
  const slow = compile({
    ...project,
    screens: project.screens.map((screen) => ({ ...screen, musicFade: '2 s' })),
  });
  expect(loudness(slow, state).fade).toBe(2000);
  const over = step(flow, state, { type: 'key', code: 'Enter', phase: 'down' }).state;
  expect(loudness(flow, over).music).toBeCloseTo(0.05);
  const loud = step(flow, state, { type: 'value', value: 'all', to: 200, byHand: true }).state;
  expect(loudness(flow, loud).effects).toBe(1);
  expect(loudness(compile({ ...project, sound: undefined }), state)).toEqual({
    music: 1,
    effects: 1,
    fade: 0,
  });
});

test('held directions repeat after a while and then at their pace, each at most once a look', () => {
  const pace = paceOf({ ...project, input: { repeatAfter: '300 ms', repeatEvery: '100 ms' } });
  expect([paceOf(project), pace]).toEqual([
    { after: 420, every: 130 },
    { after: 300, every: 100 },
  ]);
  const repeats = new Repeats();
  repeats.down('ArrowDown', 0, pace);
  expect(repeats.due(299, pace)).toEqual([]);
  expect(repeats.due(300, pace)).toEqual(['ArrowDown']);
  expect(repeats.due(399, pace)).toEqual([]);
  expect(repeats.due(900, pace)).toEqual(['ArrowDown']);
  repeats.up('ArrowDown');
  expect(repeats.due(9000, pace)).toEqual([]);
});

test('a stick counts from where the project says, and until it has come back as far as it says', () => {
  const reader = new PadReader();
  const at = (y: number) =>
    reader.read({ buttons: [], axes: [0, y] }, { pushed: 0.8, rest: 0.3 }).map((item) => item.phase);
  expect([0.7, 0.81, 0.5, 0.31, 0.29, 0.7].map(at)).toEqual([[], ['down'], [], [], ['up'], []]);
});

test('what was kept is read whatever it has become: what is not as it should be is left out', () => {
  for (const broken of [null, undefined, 3, 'x', [], { values: 7, saves: null, rebound: [1] }])
    expect(readKept(broken)).toEqual({ values: {}, lists: {}, saves: {}, rebound: {} });
  expect(
    readKept({
      values: { sub: true, deep: { x: 1 } },
      saves: { one: { sub: false }, two: 4 },
      rebound: { back: { keys: ['KeyB', 3], pad: [1] }, menu: 'x' },
    }),
  ).toEqual({
    values: { sub: true },
    lists: {},
    saves: { one: { values: { sub: false }, lists: {} }, two: { values: {}, lists: {}, damaged: true } },
    rebound: { back: { pad: [1] }, menu: {} },
  });
});

test('a look can sound by itself where a player brings it about, in place of the usual, and once', () => {
  const box = {
    style: 'b-button',
    hovered: { sound: 'creak' },
    focused: { sound: 'chime' },
    pressed: { sound: 'knock' },
  };
  const sounding = compile({
    ...project,
    screens: [
      screen('s', 'base', [
        button('a', 0, { box }),
        button('b', 100, { box, sound: 'own' }),
        button('d', 200),
      ]),
      ...project.screens.slice(1),
    ],
  });
  let { state } = begin(sounding);
  const { serial } = state.base;
  const heard = (input: Input): string | null => {
    const before = state;
    const stepped = step(sounding, state, input);
    state = stepped.state;
    return usualSound(sounding, before, state, stepped.outcomes);
  };
  const key = (code: string): string | null => {
    const found = heard({ type: 'key', code, phase: 'down' });
    heard({ type: 'key', code, phase: 'up' });
    return found;
  };
  const pointer = (phase: 'move' | 'down' | 'up', element: string | null): string | null =>
    heard({ type: 'pointer', device: 'pointer', phase, spot: { serial, element } });
  expect(key('ArrowDown')).toBe('chime');
  // An element's own sound goes before that of its look, and both before the usual.
  expect(key('Enter')).toBe('own');
  key('Escape');
  expect(key('ArrowDown')).toBe('tick');
  key('ArrowUp');
  key('ArrowUp');
  expect(key('Enter')).toBe('knock');
  key('Escape');
  expect(pointer('move', 'a')).toBe('creak');
  expect(pointer('move', 'a')).toBeNull();
  expect(pointer('down', 'a')).toBe('knock');
  // It was heard when the pointer came down.
  expect(pointer('up', 'a')).toBeNull();
});
