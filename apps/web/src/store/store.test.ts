import { projectFromNames } from '@tavu/core/starter';
import {
  addBytes,
  choose,
  chooseAlso,
  chooseLink,
  chosenScreens,
  edit,
  endStep,
  follow,
  NOTHING,
  openInStudio,
  undoRedo,
  useStudio,
} from './store';

const state = () => useStudio.getState();
const screen = (name: string) => state().project.screens.find((screen) => screen.name === name)!;

beforeEach(() => {
  openInStudio(projectFromNames('My game', ['Title', 'Play', 'Pause']), new Map());
  useStudio.setState({ saving: { state: 'kept', at: 1 }, word: null });
});

test('an edit changes project and flow together, and can be taken back and done again', () => {
  const before = state().project;
  edit('rename screen', { screen: screen('Pause').id, name: 'Halt' });
  expect(state().flow.project).toBe(state().project);
  expect(screen('Halt')).toBeDefined();
  undoRedo('undo');
  expect(state().project).toEqual(before);
  undoRedo('redo');
  expect(screen('Halt')).toBeDefined();
  expect(state().word!.text).toBe('Redone: rename screen.');
});

test('undo brings back what was chosen', () => {
  const { id } = screen('Title');
  choose({ screen: id, element: screen('Title').elements[0]!.id });
  const { chosen } = state();
  edit(
    'add screen',
    { name: 'Harbour' },
    { chosen: (made) => ({ screen: made ?? null, element: null, link: null }) },
  );
  expect(state().chosen.screen).toBe(screen('Harbour').id);
  undoRedo('undo');
  expect(state().chosen).toEqual(chosen);
});

test('what is chosen is let go when it is deleted', () => {
  const { id, elements } = screen('Title');
  choose({ screen: id, element: elements[0]!.id });
  edit('delete elements', { screen: id, elements: [elements[0]!.id] });
  expect(state().chosen).toEqual({ ...NOTHING, screen: id });
  edit('delete screens', { screens: [id] });
  expect(state().chosen).toEqual(NOTHING);
});

test('choosing a screen lets its sibling’s element go', () => {
  choose({ screen: screen('Title').id, element: screen('Title').elements[0]!.id });
  choose({ screen: screen('Play').id });
  expect(state().chosen).toEqual({ ...NOTHING, screen: screen('Play').id });
});

test('a drag is one step until it ends', () => {
  const { id, elements } = screen('Title');
  const fade = (opacity: number) =>
    edit('change element', { screen: id, element: elements[0]!.id, change: { opacity } }, { key: 'drag' });
  for (const opacity of [0.9, 0.8]) fade(opacity);
  endStep();
  fade(0.7);
  expect(state().history.past).toHaveLength(2);
});

test('an edit that changes nothing is no step', () => {
  edit('rename project', { name: 'My game' });
  edit('delete link', { link: 'nothing' });
  expect(state().history.past).toEqual([]);
});

test('with nothing to take back, it says so', () => {
  undoRedo('undo');
  expect(state().word!.text).toBe('There is nothing to undo.');
});

test('a window that follows another changes nothing, says why, and takes over what the other keeps', () => {
  useStudio.setState({ saving: { state: 'following' } });
  const before = state().project;
  edit('rename project', { name: 'Mine' });
  expect(state().project).toBe(before);
  expect(state().word!.text).toMatch(/another window/);
  choose({ screen: screen('Title').id });
  follow({ ...before, name: 'Theirs' }, new Map());
  expect([state().project.name, state().chosen.screen]).toEqual(['Theirs', screen('Title').id]);
});

test('opening another project forgets history and what was chosen', () => {
  choose({ screen: screen('Title').id });
  edit('rename project', { name: 'Changed' });
  const { opened } = state();
  openInStudio(projectFromNames('Other', ['Title']), new Map());
  expect(state()).toMatchObject({ chosen: NOTHING, opened: opened + 1, history: { past: [], future: [] } });
});

test('several are chosen one after another, and those that go are let go', () => {
  const [a, b, c] = ['Title', 'Play', 'Pause'].map((name) => screen(name).id) as [string, string, string];
  choose({ screen: a });
  chooseAlso(b);
  chooseAlso(c);
  expect(chosenScreens(state().chosen)).toEqual([a, b, c]);
  chooseAlso(a);
  expect(chosenScreens(state().chosen)).toEqual([b, c]);
  edit('delete screens', { screens: [c] });
  expect(chosenScreens(state().chosen)).toEqual([b]);
  chooseAlso(b);
  expect(state().chosen).toEqual(NOTHING);
});

test('a link is chosen with what it belongs to: a screen, an area, or everything', () => {
  const area = edit('add area', { name: 'Night', screens: [screen('Play').id] })!;
  const add = (from: string) =>
    edit('add link', { from, trigger: { on: 'arrival' }, kind: 'stay', effects: [] })!;
  const [on, within, wide] = [add(screen('Play').id), add(area), add('project')];
  chooseLink(on);
  expect(state().chosen).toMatchObject({ screen: screen('Play').id, area: null, link: on });
  chooseLink(within);
  expect(state().chosen).toMatchObject({ screen: null, area, link: within });
  chooseLink(wide);
  expect(state().chosen).toEqual({ ...NOTHING, link: wide });
  chooseLink(within);
  edit('delete area', { area });
  expect(state().chosen).toEqual(NOTHING);
});

test('a sound brought in is an asset with an address, and one undo takes it out of the project', () => {
  URL.createObjectURL = () => 'blob:bell';
  URL.revokeObjectURL = () => undefined;
  const bell = { id: 'i-bell', name: 'Bell', media: 'audio/wav', width: 0, height: 0, bytes: 2 };
  addBytes(new Map([[bell.id, new Uint8Array([1, 2])]]));
  const id = edit('add assets', { assets: [bell] })!;
  expect(state().project.assets).toMatchObject([{ id, name: 'Bell', media: 'audio/wav' }]);
  expect(state().sources.asset(id)).toBe('blob:bell');
  undoRedo('undo');
  expect(state().project.assets).toEqual([]);
});
