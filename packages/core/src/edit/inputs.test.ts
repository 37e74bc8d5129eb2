import { findingsAtLarge } from '../check';
import { screenById, type Project } from '../model';
import { buttonOf, down, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, isUsual, type Arguments, type CommandName } from '.';

const go = <N extends CommandName>(project: Project, name: N, args: Arguments<N>): Project =>
  applyCommand(project, name, args).project;
const project = projectOf(
  [screenOf('s', {}, ['a', 'b', 'c']), screenOf('over', { layer: 'overlay' }, ['x'])],
  [
    link('s', down('menu'), 'open', 'over'),
    link('over', down('back'), 'back'),
    link('over', press('x'), 'back'),
  ],
);

test('a way is led, to nowhere as well, and goes by the layout again; nothing is left of it then', () => {
  const lead = (from: Project, to: string | null | undefined): Project =>
    go(from, 'lead focus', { screen: 's', from: 'a', direction: 'down', to });
  const led = lead(project, 'c');
  expect(screenById(led, 's')!.focus).toEqual({ next: { a: { down: 'c' } } });
  expect(screenById(lead(led, null), 's')!.focus).toEqual({ next: { a: { down: null } } });
  expect(screenById(lead(led, undefined), 's')!.focus).toBeUndefined();
});

test('what is taken off a screen is led to and read no more', () => {
  let now = go(project, 'lead focus', { screen: 's', from: 'a', direction: 'down', to: 'c' });
  now = go(now, 'lead focus', { screen: 's', from: 'b', direction: 'left', to: null });
  now = go(now, 'change focus', { screen: 's', change: { order: ['c', 'b', 'a'] } });
  now = go(now, 'delete elements', { screen: 's', elements: ['c'] });
  expect(screenById(now, 's')!.focus).toEqual({ next: { b: { left: null } }, order: ['b', 'a'] });
});

test('what is made a component goes on being led to, by its path there', () => {
  let now = go(project, 'lead focus', { screen: 's', from: 'a', direction: 'down', to: 'c' });
  now = go(now, 'make component', { screen: 's', elements: ['c'], name: 'Card' });
  const { focus, elements } = screenById(now, 's')!;
  const placed = elements.find((element) => element.type === 'component')!;
  expect(focus).toEqual({ next: { a: { down: `${placed.id}/c` } } });
});

test('actions of the project’s own are made and taken out; the usual ones stay', () => {
  const made = go(project, 'add action', { name: 'lamp', keys: ['KeyL'] });
  const own = made.actions.at(-1)!;
  expect(own).toMatchObject({ name: 'lamp', keys: ['KeyL'], pad: [] });
  expect(go(made, 'delete action', { action: own.id }).actions).toHaveLength(project.actions.length);
  expect(isUsual('confirm')).toBe(true);
  expect(go(made, 'delete action', { action: 'confirm' }).actions).toContainEqual(
    expect.objectContaining({ id: 'confirm' }),
  );
});

test('settings of input and sound leave nothing when they are as usual', () => {
  const set = go(go(project, 'change input', { stick: 0.7 }), 'change sound', { focus: 'a-tick' });
  expect([set.input, set.sound]).toEqual([{ stick: 0.7 }, { focus: 'a-tick' }]);
  const back = go(go(set, 'change input', { stick: undefined }), 'change sound', { focus: undefined });
  expect(['input' in back, 'sound' in back]).toEqual([false, false]);
});

describe('a key that sets off several actions', () => {
  const clashes = (from: Project) =>
    findingsAtLarge(from).map(({ params, where }) => [params.code, params.actions, where.screens]);

  test('is told of where more than one has a use, and nowhere else', () => {
    expect(clashes(project)).toEqual([]);
    const both = go(project, 'add link', {
      from: 'over',
      trigger: down('menu'),
      kind: 'clear',
      effects: [],
    });
    expect(clashes(both)).toEqual([['Escape', ['menu', 'back'], ['over']]]);
  });

  test('also where one of them is built in: what moves the focus, presses, or turns tabs', () => {
    const letters = go(project, 'change action', { action: 'menu', change: { keys: ['Enter'] } });
    expect(clashes(letters)).toEqual([['Enter', ['confirm', 'menu'], ['s']]]);
    const none = projectOf([screenOf('s', { elements: [] })], [link('s', down('menu'), 'back')]);
    expect(clashes({ ...none, actions: letters.actions })).toEqual([]);
    expect(
      clashes({
        ...none,
        screens: [screenOf('s', { elements: [buttonOf('a', 0)] })],
        actions: letters.actions,
      }),
    ).toHaveLength(1);
  });
});
