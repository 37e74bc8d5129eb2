import fc from 'fast-check';
import { compile } from '../compile';
import { screenById, type Id, type Project } from '../model';
import { begin, faults } from '../run';
import { readDocument, writeProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { buttonOf, lighthouse } from '../test/flows';
import {
  carryOut,
  closeStep,
  NO_HISTORY,
  record,
  redo,
  takeElements,
  undo,
  type Arguments,
  type CommandName,
  type History,
} from '.';

type Any = { [N in CommandName]: { name: N; args: Arguments<N> } }[CommandName];

/** Some edit of a project: things are named by their place, so that it fits any project. */
const edits: fc.Arbitrary<(project: Project) => Any> = fc
  .record({
    which: fc.nat(48),
    n: fc.nat(20),
    m: fc.nat(5),
    text: fc.string({ minLength: 1, maxLength: 20 }).map((each) => each.trim() || 'x'),
  })
  .map(({ which, n, m, text }) => (project: Project): Any => {
    const at = <T>(list: readonly T[]): T | undefined => list[n % Math.max(1, list.length)];
    const screen: Id = at(project.screens)?.id ?? 'none';
    const element: Id = screenById(project, screen)?.elements[m]?.id ?? 'none';
    const other: Id | null = screenById(project, screen)?.elements[n % 3]?.id ?? null;
    const component: Id = project.components?.[m % 2]?.id ?? 'none';
    const link: Id = at(project.links)?.id ?? 'none';
    const made = { from: screen, cue: { on: 'arrival' as const }, kind: 'go' as const, effects: [] };
    const all: Any[] = [
      { name: 'rename project', args: { name: text } },
      { name: 'change house', args: { motion: { name: 'fade', duration: `${n} ms` } } },
      { name: 'change start', args: { screen } },
      { name: 'add screen', args: { name: text, kind: 'pause' } },
      { name: 'add screen', args: { name: text, layer: 'notice', text } },
      { name: 'rename screen', args: { screen, name: text } },
      { name: 'change screen', args: { screen, change: { layer: 'overlay', least: undefined } } },
      { name: 'duplicate screens', args: { screens: [screen] } },
      { name: 'delete screens', args: { screens: [screen] } },
      { name: 'add link', args: { ...made, to: { gap: text } } },
      {
        name: 'change link',
        args: { link, change: { cue: { on: 'action', action: 'back', when: 'down' } } },
      },
      { name: 'delete link', args: { link } },
      { name: 'place link', args: { link, before: project.links[m]?.id ?? null } },
      { name: 'link to new screen', args: { link: m % 2 ? link : made, name: text, layer: 'base' } },
      {
        name: 'link to new notice',
        args: { link: m % 2 ? link : { ...made, kind: 'stay' }, name: text, text },
      },
      { name: 'change element', args: { screen, element, change: { opacity: 0.5 } } },
      { name: 'delete elements', args: { screen, elements: [element] } },
      { name: 'add event', args: { name: text, direction: 'in' } },
      { name: 'add action', args: { name: text, keys: ['KeyM'], pad: [] } },
      { name: 'add value', args: { type: 'number', name: text } },
      { name: 'rename value', args: { value: at(project.values)?.id ?? 'none', name: text } },
      { name: 'change type', args: { value: at(project.values)?.id ?? 'none', type: { type: 'text' } } },
      { name: 'delete value', args: { value: at(project.values)?.id ?? 'none' } },
      {
        name: 'add field',
        args: { event: at(project.events)?.id ?? 'none', name: text, type: { type: 'text' } },
      },
      { name: 'add parameter', args: { screen, name: text, type: { type: 'picture' } } },
      { name: 'delete parameter', args: { screen, parameter: 'asked' } },
      { name: 'add outcome', args: { screen, name: text } },
      { name: 'add area', args: { name: text, screens: [screen] } },
      { name: 'delete area', args: { area: at(project.areas)?.id ?? 'none' } },
      { name: 'move to area', args: { screens: [screen], area: at(project.areas)?.id ?? null } },
      { name: 'change area', args: { area: 'r0', change: { parent: 'r1' } } },
      { name: 'tidy map', args: {} },
      { name: 'add element', args: { screen, element: { ...buttonOf('', 40 * m), name: text } } },
      { name: 'place elements', args: { screen, elements: [element], parent: other, before: null } },
      { name: 'place elements', args: { screen, elements: [element], parent: null, before: other } },
      { name: 'duplicate elements', args: { screen, elements: [element, other ?? 'none'] } },
      { name: 'make component', args: { screen, elements: [element], name: text } },
      { name: 'dissolve component', args: { screen, element } },
      { name: 'delete component', args: { component } },
      {
        name: 'add component parameter',
        args: { component, parameter: { type: 'text', name: text, default: '' } },
      },
      { name: 'delete component parameter', args: { component, parameter: 'said' } },
      {
        name: 'change element',
        args: { screen, element: `${element}/in0`, change: { text }, here: m % 2 > 0 },
      },
      { name: 'reset place', args: { screen, element } },
      { name: 'delete box style', args: { style: 'b-button' } },
      { name: 'delete text style', args: { style: 't-body' } },
      { name: 'delete colour', args: { colour: 'c-sea' } },
      {
        name: 'paste elements',
        args: { screen, from: takeElements(project, screen, [element]) ?? project },
      },
      { name: 'delete assets', args: { assets: [project.assets[m]?.id ?? 'none'] } },
      { name: 'change design', args: { width: 800 + n, fits: 'adapt' } },
    ];
    return all[which]!;
  });

const carry = (project: Project, { name, args }: Any) => carryOut(project, name, args as never);

test('any edits, undone, give back the very project; redone, what they had made', () => {
  fc.assert(
    fc.property(anyProject, fc.array(edits, { minLength: 1, maxLength: 10 }), (first, list) => {
      let project = first;
      let history: History<number> = NO_HISTORY;
      list.forEach((edit, i) => {
        const done = carry(project, edit(project));
        project = done.project;
        if (done.edit)
          history = record(history, done.edit, { before: i, after: i + 1, key: i % 3 ? 'drag' : undefined });
      });
      const last = project;
      for (let moved = undo(project, history); moved; moved = undo(project, history))
        ({ project, history } = moved);
      expect(project).toEqual(first);
      for (let moved = redo(project, history); moved; moved = redo(project, history))
        ({ project, history } = moved);
      expect(project).toEqual(last);
    }),
    { numRuns: 150 },
  );
});

test('any edits leave a project that is valid and runs', () => {
  fc.assert(
    fc.property(anyProject, fc.array(edits, { maxLength: 8 }), (first, list) => {
      const project = list.reduce((now, edit) => carry(now, edit(now)).project, first);
      expect(readDocument(JSON.parse(writeProject(project)))).toEqual({ project });
      const flow = compile(project);
      expect(faults(flow, begin(flow).state)).toEqual([]);
      const names = project.screens.map((screen) => screen.name.toLowerCase());
      if (!list.some((edit) => edit(first).name === 'rename screen'))
        expect(new Set(names).size).toBe(names.length);
    }),
    { numRuns: 50 },
  );
});

test('a drag is one step, and what follows it is another', () => {
  const move = (project: Project, y: number) =>
    carryOut(project, 'change element', { screen: 'title', element: 'begin', change: { opacity: y } });
  let project = lighthouse();
  let history: History<string> = NO_HISTORY;
  for (const y of [0.9, 0.8, 0.7]) {
    const done = move(project, y);
    project = done.project;
    history = record(history, done.edit!, { before: 'before', after: 'after', key: 'drag' });
  }
  history = closeStep(history);
  const done = move(project, 0.6);
  history = record(history, done.edit!, { before: 'after', after: 'after', key: 'drag' });
  expect(history.past).toHaveLength(2);
  const back = undo(done.project, history)!;
  expect(undo(back.project, back.history)).toMatchObject({
    project: lighthouseLike(project),
    seen: 'before',
  });
});

/** The lighthouse as it was, with the ids it was made with. */
const lighthouseLike = (project: Project): Project => ({
  ...project,
  screens: project.screens.map((screen) => ({
    ...screen,
    elements: screen.elements.map((element) => {
      const { opacity: _, ...rest } = element;
      return rest as typeof element;
    }),
  })),
});

test('deleting a screen leaves links to it as gaps with its name; making it again closes them', () => {
  const gone = carryOut(lighthouse(), 'delete screens', { screens: ['watch'] }).project;
  expect(gone.links.find((each) => each.from === 'title')!.to).toEqual({ gap: 'watch' });
  expect(gone.links.some((each) => each.from === 'watch')).toBe(false);
  const { project, made } = carryOut(gone, 'add screen', { name: 'Watch', kind: 'play' });
  expect(project.links.find((each) => each.from === 'title')!.to).toEqual({ screen: made });
});

test('deleting the start makes another base the start', () => {
  expect(carryOut(lighthouse(), 'delete screens', { screens: ['title'] }).project.start).toBe('watch');
});

test('a duplicate has its own elements and its own links to them', () => {
  const { project, made } = carryOut(lighthouse(), 'duplicate screens', { screens: ['title'] });
  const twin = screenById(project, made)!;
  expect(twin.name).toBe('title 2');
  const pressed = project.links
    .filter((each) => each.from === made)
    .map((each) => each.cue.on === 'press' && each.cue.element);
  expect(pressed).toEqual(twin.elements.map((each) => each.id));
  expect(pressed).not.toContain('begin');
});

test('a new screen is made from its sister’s pieces, with a way back', () => {
  const { project, made } = carryOut(lighthouse(), 'link to new screen', {
    link: { from: 'title', cue: { on: 'event', event: 'x' }, kind: 'open', effects: [] },
    name: 'Harbour',
    layer: 'overlay',
  });
  const screen = screenById(project, made)!;
  expect(screen).toMatchObject({ name: 'Harbour', layer: 'overlay', background: { colour: '#102030' } });
  expect(screen.elements.map((each) => each.type)).toContain('button');
  expect(project.links.filter((each) => each.from === made).map((each) => each.kind)).toEqual([
    'back',
    'back',
  ]);
  expect(project.links.find((each) => each.cue.on === 'event' && each.cue.event === 'x')!.to).toEqual({
    screen: made,
  });
});
