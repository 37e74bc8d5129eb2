import { event, link, projectOf, screenOf } from '../test/flows';
import { listed } from '../test/listed';
import type { Project } from '../model';
import { commands } from '.';

/** Lists and their fields under other names, and what is left when they go. */

const lobby = (): Project => {
  const { list, element, row } = listed();
  list.fields.push({ id: 'ready', name: 'ready', type: 'on/off' });
  const screen = screenOf('lobby');
  screen.elements.push({ ...element, filter: 'ready', sort: [{ by: 'ready' }, { by: 'name' }] });
  row.elements[0]!.shownWhen = 'row.ready';
  return projectOf(
    [screen],
    [
      link('lobby', event('any'), 'stay', undefined, {
        when: 'ready && all(players, ready) && first(players).ready && count(players) > 1',
        effects: [
          {
            do: 'change rows',
            list: list.id,
            where: '!ready',
            args: { ready: 'ready || any(players, ready)' },
          },
        ],
      }),
    ],
    {
      lists: [list],
      components: [row],
      values: [
        { id: 'v-ready', name: 'ready', section: 'Lobby', life: 'session', type: 'on/off', default: false },
      ],
    },
  );
};
const said = ({ links, screens, components }: Project) => {
  const [effect] = links[0]!.effects;
  const table = screens[0]!.elements.at(-1)!;
  return [
    links[0]!.when,
    effect?.do === 'change rows' ? [effect.where, effect.args?.ready] : null,
    table.type === 'list' ? table.filter : null,
    components![0]!.elements[0]!.shownWhen,
  ];
};

test('a field under another name is that in every expression, and the value of its name stays', () => {
  const project = lobby();
  commands['change list field'](project, { list: 'y-players', field: 'ready', change: { name: 'all set' } });
  expect(said(project)).toEqual([
    'ready && all(players, all_set) && first(players).all_set && count(players) > 1',
    ['!all_set', 'all_set || any(players, all_set)'],
    'all_set',
    'row.all_set',
  ]);
});

test('a value under another name leaves the fields of its name', () => {
  const project = lobby();
  commands['rename value'](project, { value: 'v-ready', name: 'open' });
  expect(said(project)).toEqual([
    'open && all(players, ready) && first(players).ready && count(players) > 1',
    ['!ready', 'ready || any(players, ready)'],
    'ready',
    'row.ready',
  ]);
});

test('a list under another name is that in every expression', () => {
  const project = lobby();
  commands['rename list'](project, { list: 'y-players', name: 'the crew' });
  expect(said(project)[0]).toBe(
    'ready && all(the_crew, ready) && first(the_crew).ready && count(the_crew) > 1',
  );
});

test('no list goes by the name of a value, nor a value by that of a list', () => {
  const project = lobby();
  commands['add list'](project, { name: 'ready' });
  commands['add value'](project, { name: 'players', type: 'number' });
  expect([project.lists!.at(-1)!.name, project.values.at(-1)!.name]).toEqual(['ready 2', 'players 2']);
});

test('a field that goes takes its order and its cells with it; a list, what was done to it', () => {
  const project = lobby();
  project.lists![0]!.samples = [{ name: 'Ines', ready: true }];
  commands['delete list field'](project, { list: 'y-players', field: 'ready' });
  expect(project.lists![0]!.samples).toEqual([{ name: 'Ines' }]);
  expect(project.screens[0]!.elements.at(-1)).toMatchObject({ sort: [{ by: 'name' }] });
  commands['delete list'](project, { list: 'y-players' });
  expect(project.lists).toBeUndefined();
  expect(project.screens[0]!.elements.at(-1)).not.toHaveProperty('list');
});

test('a row is made of each field, and holds them all', () => {
  const project = lobby();
  const made = commands['make row'](project, {
    list: 'y-players',
    width: 600,
    height: 60,
    look: { style: 't-body' },
  });
  const row = project.components!.find(({ id }) => id === made)!;
  expect(row.parameters.map(({ name, type }) => [name, type])).toEqual([
    ['name', 'text'],
    ['ready', 'on/off'],
  ]);
  expect(row.elements.map((element) => 'text' in element && element.text)).toEqual(['{name}', 'Ready']);
});
