import { padCode } from '../keys';
import { applyCommand } from '../edit';
import { down, lighthouse, link, press } from '../test/flows';
import { compile, gapId, gapName } from '.';

test('after an edit only what it touched is made anew', () => {
  const project = lighthouse();
  const before = compile(project);
  const edited = applyCommand(project, 'change element', {
    screen: 'title',
    element: 'begin',
    change: { opacity: 0.5 },
  }).project;
  const after = compile(edited, before);
  expect(after.screens.get('title')).not.toBe(before.screens.get('title'));
  for (const id of ['watch', 'pause', 'opts', 'out', 'found'])
    expect(after.screens.get(id)).toBe(before.screens.get(id));
  expect(after.bindings).toBe(before.bindings);
});

test('a new link makes anew the screen it starts from, and no other', () => {
  const { project } = applyCommand(lighthouse(), 'tidy map', {});
  const before = compile(project);
  const edited = applyCommand(project, 'add link', {
    from: 'out',
    trigger: down('back'),
    kind: 'back',
    effects: [],
  }).project;
  const after = compile(edited, before);
  expect(after.screens.get('out')!.links.searched.action.get('back')).toHaveLength(1);
  expect(after.screens.get('title')).toBe(before.screens.get('title'));
});

test('a change of rates or of the default order reaches every duration', () => {
  const project = lighthouse({
    defaults: {
      motion: { name: 'fade', duration: '12 frames' },
      order: { overlap: '6 frames' },
      masked: 'ignored',
    },
  });
  const before = compile(project);
  const slow = { ...project, rates: { frames: 24, ticks: 20 } };
  const after = compile(slow, before);
  expect([before.defaults.base.entering[0]!.duration, after.defaults.base.entering[0]!.duration]).toEqual([
    200_000, 500_000,
  ]);
  const overlaps = (flow: typeof before) => new Set([...flow.links.values()].map((link) => link.overlap));
  expect([overlaps(before), overlaps(after)]).toEqual([new Set([100_000]), new Set([250_000])]);
  expect(after).toEqual(compile(slow));
});

test('a link to a screen that comes and goes is compiled anew both times', () => {
  const project = lighthouse();
  const flow = compile(project);
  const gone = { ...project, screens: project.screens.filter((screen) => screen.id !== 'opts') };
  const without = compile(gone, flow);
  const to = (item: typeof flow) => item.links.get(project.links[1]!.id)!.to;
  expect(gapName(to(without)!)).toBe('A screen that is gone');
  expect(to(compile(project, without))).toBe('opts');
});

test('a gap has one stand-in for its name and layer, with a way back and one to the start', () => {
  const project = lighthouse();
  project.links.push(
    link('title', down('next'), 'go', undefined, { to: { gap: 'Slots' } }),
    link('watch', down('next'), 'go', undefined, { to: { gap: 'Slots' } }),
    link('watch', down('previous'), 'open', undefined, { to: { gap: 'Slots' } }),
  );
  const flow = compile(project);
  const gaps = [...flow.screens.keys()].filter((id) => gapName(id) !== null);
  expect(gaps).toEqual([gapId('base', 'Slots'), gapId('overlay', 'Slots')]);
  for (const id of gaps) {
    const { links, layer } = flow.screens.get(id)!;
    expect(links.searched.press.get('back')!.map((link) => link.kind)).toEqual(['back', 'go']);
    expect(id).toBe(gapId(layer, 'Slots'));
  }
});

test('a name with colons and line ends is still found in a stand-in’s id', () => {
  expect(gapName(gapId('base', 'a:b\nc'))).toBe('a:b\nc');
  expect(gapName('watch')).toBeNull();
});

test('keys and pad buttons lead to their actions, in the project’s order', () => {
  const { bindings } = compile(lighthouse());
  expect(bindings.get('Escape')).toEqual(['menu', 'back']);
  expect(bindings.get(padCode(9))).toEqual(['menu']);
  expect(bindings.get('KeyM')).toBeUndefined();
});

test('what holds a pressed thing is pressed with it', () => {
  const project = lighthouse();
  const title = project.screens[0]!;
  title.elements.push({
    id: 'label',
    name: 'Label',
    type: 'text',
    parent: 'begin',
    text: 'New',
    look: { style: 't-body' },
    place: { x: { at: 'start', offset: 0, size: 40 }, y: { at: 'start', offset: 0, size: 20 } },
  });
  title.elements.push({ ...title.elements.at(-1)!, id: 'alone', parent: null });
  project.links.push(link('title', press('alone'), 'go', 'watch'));
  const { pressable } = compile(project).screens.get('title')!;
  expect(pressable.get('label')).toBe('begin');
  expect(pressable.get('alone')).toBe('alone');
});

describe('what depends on names is made anew when they change, and nothing else is', () => {
  const project = () => {
    const made = lighthouse({
      values: [{ id: 'v', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 4 }],
      areas: [{ id: 'r', name: 'Night', parent: null, freezes: true }],
    });
    made.links[0]!.when = 'oil > 3';
    made.screens.find((screen) => screen.id === 'watch')!.area = 'r';
    const [button] = made.screens[0]!.elements;
    if (button && 'text' in button) button.text = 'Oil {oil}, {nobody}';
    return made;
  };

  test('a value that goes leaves its condition without a meaning, and its text as it is written', () => {
    const before = compile(project());
    const [link] = before.project.links;
    expect(before.links.get(link!.id)!.when).toMatchObject({ wrong: null, reads: [{ name: 'oil' }] });
    expect(before.screens.get('title')!.texts.get('begin')).toMatchObject([
      'Oil ',
      { id: 'v' },
      ', {nobody}',
    ]);
    const { project: edited } = applyCommand(before.project, 'delete value', { value: 'v' });
    const after = compile(edited, before);
    expect(after.links.get(link!.id)!.when).toMatchObject({ bound: null });
    expect(after.screens.get('title')!.texts.size).toBe(0);
    expect(after.screens.get('out')).toBe(before.screens.get('out'));
  });

  test('an area gives its screens what they do not say themselves', () => {
    const before = compile(project());
    expect(before.screens.get('watch')).toMatchObject({ areas: ['r'], freezes: true });
    const { project: edited } = applyCommand(before.project, 'change area', {
      area: 'r',
      change: { freezes: false },
    });
    expect(compile(edited, before).screens.get('watch')!.freezes).toBe(false);
    const own = applyCommand(edited, 'change screen', { screen: 'watch', change: { freezes: true } }).project;
    expect(compile(own).screens.get('watch')!.freezes).toBe(true);
  });
});
