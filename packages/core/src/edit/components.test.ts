import fc from 'fast-check';
import { compile } from '../compile';
import { expand } from '../component';
import { screenById, type Component, type Element, type PlacedElement, type Project } from '../model';
import { paintStill } from '../paint';
import { anyProject } from '../test/arbitrary';
import { buttonOf, down, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, layoutIn, ownerById, takeScreens, type Arguments, type CommandName } from '.';

const go = <N extends CommandName>(project: Project, name: N, args: Arguments<N>): Project =>
  applyCommand(project, name, args).project;

const row: Component = {
  id: 'k',
  name: 'Row',
  width: 600,
  height: 80,
  parameters: [
    { id: 'label', name: 'label', type: 'text', default: 'Row' },
    { id: 'lit', name: 'lit', type: 'on/off', default: true },
    { id: 'icon', name: 'icon', type: 'picture', default: '' },
  ],
  elements: [
    { ...buttonOf('b', 0, '{label}'), shownWhen: 'lit' },
    { ...buttonOf('i', 0), type: 'picture', asset: null, from: 'icon', fit: 'contain' } as unknown as Element,
  ],
};
const placed = (id: string, over: Partial<PlacedElement> = {}): Element => ({
  id,
  name: id,
  type: 'component',
  component: 'k',
  parent: null,
  place: { x: { at: 'centre', offset: 0, size: 600 }, y: { at: 'start', offset: 100, size: 80 } },
  ...over,
});
const project = projectOf(
  [
    screenOf('s', { elements: [placed('x', { args: { label: 'Sea' } }), placed('y')] }),
    screenOf('t', { elements: [placed('z')] }),
  ],
  [link('k', press('b'), 'stay'), link('k', down('back'), 'back'), link('s', press('x/b'), 'go', 't')],
  { components: [row] },
);
const wordsOn = (of: Project, screen: string): string => {
  const flow = compile(of);
  return JSON.stringify(paintStill(flow, flow.screens.get(screen)!, false));
};

test('a parameter that is called otherwise is so in texts and conditions too', () => {
  const named = go(project, 'change component parameter', {
    component: 'k',
    parameter: 'label',
    change: { name: 'words on it' },
  });
  expect(named.components![0]!.elements[0]).toMatchObject({ text: '{words_on_it}' });
  const lit = go(project, 'change component parameter', {
    component: 'k',
    parameter: 'lit',
    change: { name: 'there' },
  });
  expect(lit.components![0]!.elements[0]).toMatchObject({ shownWhen: 'there' });
  expect(wordsOn(named, 's')).toContain('"Sea"');
});

test('a parameter that is taken away is told nowhere any more', () => {
  const gone = go(project, 'delete component parameter', { component: 'k', parameter: 'label' });
  expect(JSON.stringify(gone.screens)).not.toContain('Sea');
  const plain = go(project, 'delete component parameter', { component: 'k', parameter: 'icon' });
  expect(plain.components![0]!.elements[1]).not.toHaveProperty('from');
});

test('a component’s links for actions hold on every screen it is on, after the screen’s own', () => {
  const flow = compile(project);
  for (const id of ['s', 't'])
    expect(flow.screens.get(id)!.links.searched.action.get('back')).toHaveLength(1);
  expect(
    flow.screens
      .get('s')!
      .links.searched.press.get('x/b')!
      .map((link) => link.kind),
  ).toEqual(['go', 'stay']);
  expect(
    flow.screens
      .get('s')!
      .links.searched.press.get('y/b')!
      .map((link) => link.kind),
  ).toEqual(['stay']);
});

test('screens are copied to another project with their components and those’ links, and not twice', () => {
  const taken = takeScreens(project, ['s']);
  expect(taken.components?.map((component) => component.id)).toEqual(['k']);
  const empty = projectOf([screenOf('u')], []);
  const once = go(empty, 'paste screens', { from: taken });
  const twice = go(once, 'paste screens', { from: taken });
  expect(twice.components).toHaveLength(1);
  expect(twice.links.filter((link) => link.from === twice.components![0]!.id)).toHaveLength(2);
  const [, first, second] = twice.screens;
  expect(wordsOn(twice, first!.id)).toContain('"Sea"');
  expect(wordsOn(twice, second!.id)).toContain('"Sea"');
  // The screen's own link on an element inside of a component follows it.
  const pressed = twice.links.flatMap((link) =>
    link.trigger.on === 'press' && link.from === first!.id ? [link.trigger.element] : [],
  );
  expect(pressed).toHaveLength(1);
  expect(compile(twice).screens.get(first!.id)!.byId.has(pressed[0]!)).toBe(true);
});

test('duplicated on its own screen, a placed component keeps what it is told and where it leads', () => {
  const copied = go(project, 'duplicate elements', { screen: 's', elements: ['x'] });
  const copy = screenById(copied, 's')!.elements.at(-1)!;
  expect(copy).toMatchObject({ type: 'component', name: 'x 2', args: { label: 'Sea' } });
  expect(copied.links.at(-1)).toMatchObject({ trigger: press(`${copy.id}/b`), to: { screen: 't' } });
});

test('of a component within a component, a way through is a path of all of them', () => {
  const outer: Component = { ...row, id: 'o', name: 'Outer', parameters: [], elements: [placed('in')] };
  const nested = projectOf([screenOf('s', { elements: [placed('x', { component: 'o' })] })], [], {
    components: [row, outer],
  });
  const flow = compile(nested);
  expect(flow.screens.get('s')!.elements.map((element) => element.id)).toEqual([
    'x',
    'x/in',
    'x/in/b',
    'x/in/i',
  ]);
  const changed = go(nested, 'change element', {
    screen: 's',
    element: 'x/in/b',
    change: { text: 'Deep' } as Partial<Element>,
  });
  expect(wordsOn(changed, 's')).toContain('"Deep"');
  const here = go(nested, 'change element', {
    screen: 's',
    element: 'x/in/b',
    change: { text: 'Here' } as Partial<Element>,
    here: true,
  });
  expect(here.components!.find((component) => component.id === 'o')!.elements[0]).toMatchObject({
    changes: { b: { text: 'Here' } },
  });
});

test('made of any element and dissolved again, all that was on the screen stands where it did', () => {
  fc.assert(
    fc.property(anyProject, fc.nat(5), fc.nat(5), (any, n, m) => {
      const screen = any.screens[n % any.screens.length]!;
      const element = screen.elements[m % Math.max(1, screen.elements.length)];
      const { x, y } = element?.place ?? {};
      fc.pre(
        Boolean(element && x && y) &&
          ![x, y].some((axis) => axis!.min !== undefined || axis!.max !== undefined),
      );
      const { project: made, made: id } = applyCommand(any, 'make component', {
        screen: screen.id,
        elements: [element!.id],
        name: 'Made',
      });
      const dissolved = go(made, 'dissolve component', { screen: screen.id, element: id! });
      const kinds = (of: Project): string[] =>
        expand(of, screenById(of, screen.id)!.elements)
          .elements.map((item) => item.type)
          .sort();
      expect(kinds(dissolved).filter((type) => type !== 'panel')).toEqual(
        kinds(any).filter((type) => type !== 'panel'),
      );
      const before = layoutIn(any, ownerById(any, screen.id)!).get(element!.id)!;
      const after = layoutIn(made, ownerById(made, screen.id)!).get(`${id}/${element!.id}`)!;
      for (const key of ['x', 'y', 'width', 'height'] as const)
        expect(after[key]).toBeCloseTo(before[key], 1);
    }),
    { numRuns: 60 },
  );
});
