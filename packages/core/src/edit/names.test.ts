import { compile } from '../compile';
import type { Project } from '../model';
import { begin } from '../run';
import { readDocument, writeProject } from '../schema';
import { buttonOf, event, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, takeScreens, type Arguments, type CommandName } from '.';

/** What is named in many places stays named when it is called otherwise, copied or carried elsewhere. */

const project = (): Project =>
  projectOf(
    [
      screenOf('title', { name: 'Title' }, ['start']),
      screenOf('watch', { name: 'The watch', area: 'r' }),
      screenOf('confirm', {
        name: 'Confirm',
        layer: 'overlay',
        parameters: [{ id: 'q', name: 'oil', type: 'number' }],
        outcomes: [{ id: 'yes', name: 'yes' }],
      }),
      screenOf('gauge', {
        name: 'Gauge',
        layer: 'hud',
        area: 'r',
        shownWhen: 'oil > 3 && !isUp(The_watch)',
      }),
    ],
    [
      link('title', press('start'), 'open', 'confirm', { id: 'a', when: 'oil < 20', args: { q: 'oil + 1' } }),
      link('confirm', event('g'), 'back', undefined, { id: 'b', when: 'oil == 1', outcome: 'yes' }),
      link('watch', event('found'), 'stay', undefined, {
        id: 'c',
        when: 'isUp("The watch") && oil > 1',
        effects: [{ do: 'set', value: 'v', to: 'oil + 2' }],
      }),
      link('r', { on: 'value', when: 'oil <= 0' }, 'go', 'title', { id: 'd' }),
      link('watch', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'go', 'title', { id: 'e' }),
    ],
    {
      values: [{ id: 'v', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 9 }],
      areas: [{ id: 'r', name: 'Night', parent: null }],
      events: [
        { id: 'g', name: 'g', direction: 'in' },
        { id: 'found', name: 'found', direction: 'in', fields: [{ id: 'f', name: 'oil', type: 'number' }] },
      ],
    },
  );

const done = <N extends CommandName>(name: N, args: Arguments<N>, from = project()): Project =>
  applyCommand(from, name, args).project;
const by = (from: Project, id: string) => from.links.find((link) => link.id === id)!;

test('a value that is renamed is followed everywhere but where a parameter or field of that name hides it', () => {
  const texts = project();
  const element = texts.screens[0]!.elements[0]!;
  if ('text' in element) element.text = 'Oil: {oil}';
  const after = done('rename value', { value: 'v', name: 'lamp fuel' }, texts);
  expect(by(after, 'a')).toMatchObject({ when: 'lamp_fuel < 20', args: { q: 'lamp_fuel + 1' } });
  expect(by(after, 'b').when).toBe('oil == 1');
  expect(by(after, 'c').when).toBe('isUp("The watch") && oil > 1');
  expect(by(after, 'd').trigger).toEqual({ on: 'value', when: 'lamp_fuel <= 0' });
  expect(after.screens[3]!.shownWhen).toBe('lamp_fuel > 3 && !isUp(The_watch)');
  expect(after.screens[0]!.elements[0]).toMatchObject({ text: 'Oil: {lamp_fuel}' });
});

test('so are screens, parameters and fields, each where it means something', () => {
  const screen = done('rename screen', { screen: 'watch', name: 'Night watch' });
  expect(screen.screens[3]!.shownWhen).toBe('oil > 3 && !isUp(Night_watch)');
  expect(by(screen, 'c').when).toBe('isUp("Night watch") && oil > 1');
  const parameter = done('change parameter', {
    screen: 'confirm',
    parameter: 'q',
    change: { name: 'amount' },
  });
  expect([by(parameter, 'b').when, by(parameter, 'a').when]).toEqual(['amount == 1', 'oil < 20']);
  const field = done('change field', { event: 'found', field: 'f', change: { name: 'much' } });
  expect(by(field, 'c')).toMatchObject({
    when: 'isUp("The watch") && much > 1',
    effects: [{ to: 'much + 2' }],
  });
});

test('a range or options that change leave no default that cannot stand there', () => {
  const ranged = done('change value', { value: 'v', change: { max: 4 } });
  expect(ranged.values[0]!.default).toBe(4);
  const typed = done('change type', {
    value: 'v',
    type: { type: 'choice', options: [{ id: 'a', label: 'A' }] },
  });
  expect(typed.values[0]).toMatchObject({ name: 'oil', type: 'choice', default: 'a' });
  expect(readDocument(JSON.parse(writeProject(typed)))).toEqual({ project: typed });
});

test('an area taken away hands what it held to the one around it; none is put into itself', () => {
  const nested = done('add area', { name: 'Storm', parent: 'r', screens: ['watch'] });
  const inner = nested.areas[1]!.id;
  expect(done('delete area', { area: inner }, nested).screens[1]!.area).toBe('r');
  expect(done('delete area', { area: 'r' }, nested).areas).toMatchObject([{ id: inner, parent: null }]);
  expect(done('change area', { area: 'r', change: { parent: inner } }, nested)).toBe(nested);
});

test('a screen keeps its row when a link makes it nearer; tidying moves it', () => {
  const chain = projectOf(
    ['a', 'b', 'c'].map((id) => screenOf(id)),
    [link('a', event('x'), 'go', 'b'), link('b', event('x'), 'go', 'c')],
  );
  const rows = (from: Project) => from.screens.map((screen) => screen.row);
  const shorter = done(
    'add link',
    { from: 'a', trigger: event('y'), kind: 'go', to: { screen: 'c' }, effects: [] },
    done('tidy map', {}, chain),
  );
  expect(rows(shorter)).toEqual([0, 1, 2]);
  expect(rows(done('tidy map', {}, shorter))).toEqual([0, 1, 1]);
});

test('duplicates have their own elements, links and parameters, and lead where the originals do', () => {
  const after = done('duplicate screens', { screens: ['title', 'confirm'] });
  const [title, confirm] = after.screens.slice(-2);
  expect([title!.name, confirm!.name]).toEqual(['Title 2', 'Confirm 2']);
  const own = after.links.filter((link) => link.from === title!.id);
  expect(own).toMatchObject([
    {
      trigger: { on: 'press', element: title!.elements[0]!.id },
      to: { screen: confirm!.id },
      args: { [confirm!.parameters![0]!.id]: 'oil + 1' },
    },
  ]);
  expect(after.values).toEqual(project().values);
});

test('screens carried to another project bring what they use, and take what is there under the same name', () => {
  const taken = takeScreens(project(), ['watch', 'confirm']);
  expect(readDocument(JSON.parse(writeProject(taken)))).toEqual({ project: taken });
  expect(taken.links.find((link) => link.id === 'e')!.to).toEqual({ gap: 'Title' });
  expect(taken.areas.map((area) => area.name)).toEqual(['Night']);
  const other = projectOf([screenOf('t', { name: 'title' }), screenOf('w', { name: 'The watch' })], [], {
    values: [{ id: 'other', name: 'Oil', section: 'X', life: 'session', type: 'number', default: 1 }],
  });
  const after = done('paste screens', { from: taken }, other);
  expect(after.screens.map((screen) => screen.name)).toEqual([
    'title',
    'The watch',
    'The watch 2',
    'Confirm',
  ]);
  expect(after.values.map((value) => value.id)).toEqual(['other']);
  const set = after.links.find((link) => link.effects.length > 0)!;
  expect(set.effects).toEqual([{ do: 'set', value: 'other', to: 'oil + 2' }]);
  const home = after.links.find((link) => link.trigger.on === 'returned')!;
  expect(home).toMatchObject({ to: { screen: 't' }, trigger: { screen: after.screens[3]!.id } });
  expect(readDocument(JSON.parse(writeProject(after)))).toEqual({ project: after });
  expect(begin(compile(after)).state.base.screen).toBe('t');
});

test('a copy says what was said, also where that is what something is called by its id, and in every language', () => {
  const from = project();
  from.languages = [
    { code: 'en', name: 'English' },
    { code: 'de', name: 'German' },
  ];
  const [button] = from.screens[0]!.elements;
  Object.assign(button!, { text: 'start', animations: [{ id: 'title', on: 'arrival', frames: [] }] });
  from.links[0]!.args = { q: '3' };
  from.screens[2]!.parameters![0] = { id: 'q', name: 'oil', type: 'text', default: 'watch' };
  from.texts = { de: { 'title start': 'Los' } };
  from.wordings = { 'title start': { maxLength: 9 } };
  const after = done('duplicate screens', { screens: ['title', 'confirm'] }, from);
  const [title, confirm] = after.screens.slice(-2);
  const [twin] = title!.elements;
  expect(twin).toMatchObject({ text: 'start' });
  expect(confirm!.parameters![0]).toMatchObject({ default: 'watch' });
  expect(after.texts!.de).toEqual({ 'title start': 'Los', [`${title!.id} ${twin!.id}`]: 'Los' });
  expect(after.wordings![`${title!.id} ${twin!.id}`]).toEqual({ maxLength: 9 });
  const beside = done('duplicate elements', { screen: 'title', elements: ['start'] }, from);
  expect(beside.screens[0]!.elements[1]).toMatchObject({ text: 'start' });
  expect(Object.values(beside.texts!.de!)).toEqual(['Los', 'Los']);
});

test('a motion of the project comes along with the screen that moves by it', () => {
  const from = project();
  from.motions = [{ id: 'm', name: 'Rise', tracks: [] }];
  from.screens[1]!.motion = { name: 'made', motion: 'm' };
  const after = done('paste screens', { from: takeScreens(from, ['watch']) }, projectOf([screenOf('t')], []));
  expect(after.motions).toEqual(from.motions);
  expect(after.screens[1]!.motion).toEqual({ name: 'made', motion: 'm' });
});

test('an element of a component that goes leaves nothing on the screens it was placed on', () => {
  const placed = {
    id: 'x',
    name: 'x',
    type: 'component' as const,
    component: 'k',
    parent: null,
    place: buttonOf('x', 0).place,
    changes: { in: { opacity: 0.5 } },
  };
  const from = projectOf(
    [screenOf('s', { elements: [placed], firstFocus: 'x/in', focus: { order: ['x/in'] } })],
    [link('s', press('x/in'), 'back')],
    {
      components: [
        { id: 'k', name: 'K', width: 9, height: 9, parameters: [], elements: [buttonOf('in', 0)] },
      ],
    },
  );
  const after = done('delete elements', { screen: 'k', elements: ['in'] }, from);
  expect(after.links).toEqual([]);
  const { row: _, ...screen } = after.screens[0]!;
  expect(screen).toEqual({ ...screenOf('s'), elements: [{ ...placed, changes: {} }] });
});
