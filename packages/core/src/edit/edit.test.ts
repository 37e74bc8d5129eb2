import fc from 'fast-check';
import { compile } from '../compile';
import { screenById, type Project } from '../model';
import { begin, validateState } from '../run';
import { readDocument, writeProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { anyDrawn, anyEdit, COMMANDS, editOf, type AnyEdit } from '../test/edits';
import { lighthouse } from '../test/flows';
import { keepsItsRules } from '../test/strides';
import { applyCommand, closeStep, NO_HISTORY, record, redo, undo, type History } from '.';

const carry = (project: Project, { name, args }: AnyEdit) => applyCommand(project, name, args as never);

test('any edits, undone, give back the very project; redone, what they had made', () => {
  fc.assert(
    fc.property(anyProject, fc.array(anyEdit, { minLength: 1, maxLength: 10 }), (first, list) => {
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
    fc.property(anyProject, fc.array(anyEdit, { maxLength: 8 }), (first, list) => {
      const project = list.reduce((now, edit) => carry(now, edit(now)).project, first);
      expect(readDocument(JSON.parse(writeProject(project)))).toEqual({ project });
      const flow = compile(project);
      expect(validateState(flow, begin(flow).state)).toEqual([]);
      const names = project.screens.map((screen) => screen.name.toLowerCase());
      if (!list.some((edit) => edit(first).name === 'rename screen'))
        expect(new Set(names).size).toBe(names.length);
    }),
    { numRuns: 50 },
  );
});

test('played and edited by turns, a project keeps every rule', () => {
  fc.assert(keepsItsRules(200), { numRuns: 12, endOnFailure: true });
}, 60_000);

test.each(COMMANDS)('%s by hand so many times is so many steps back', (name) => {
  fc.assert(
    fc.property(anyProject, fc.array(anyDrawn, { minLength: 1, maxLength: 4 }), (first, drawn) => {
      let project = first;
      let history: History<null> = NO_HISTORY;
      const states = [first];
      for (const item of drawn) {
        const done = carry(project, editOf(name, project, item));
        if (!done.edit) continue;
        project = done.project;
        // As the window does it: whatever key an edit has, what is done by another press is another step.
        history = record(closeStep(history), done.edit, { before: null, after: null, key: 'the same' });
        states.push(project);
      }
      for (let n = states.length - 2; n >= 0; n--) {
        const moved = undo(project, history);
        expect(moved?.project).toEqual(states[n]);
        ({ project, history } = moved!);
      }
      expect(undo(project, history)).toBeNull();
    }),
    { numRuns: 6 },
  );
});

test('a drag is one step, and what follows it is another', () => {
  const move = (project: Project, y: number) =>
    applyCommand(project, 'change element', { screen: 'title', element: 'begin', change: { opacity: y } });
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
  const gone = applyCommand(lighthouse(), 'delete screens', { screens: ['watch'] }).project;
  expect(gone.links.find((link) => link.from === 'title')!.to).toEqual({ gap: 'watch' });
  expect(gone.links.some((link) => link.from === 'watch')).toBe(false);
  const { project, made } = applyCommand(gone, 'add screen', { name: 'Watch', kind: 'play' });
  expect(project.links.find((link) => link.from === 'title')!.to).toEqual({ screen: made });
});

test('deleting the start makes another base the start', () => {
  expect(applyCommand(lighthouse(), 'delete screens', { screens: ['title'] }).project.start).toBe('watch');
});

test('a duplicate has its own elements and its own links to them', () => {
  const { project, made } = applyCommand(lighthouse(), 'duplicate screens', { screens: ['title'] });
  const twin = screenById(project, made)!;
  expect(twin.name).toBe('title 2');
  const pressed = project.links
    .filter((link) => link.from === made)
    .map((link) => link.trigger.on === 'press' && link.trigger.element);
  expect(pressed).toEqual(twin.elements.map((element) => element.id));
  expect(pressed).not.toContain('begin');
});

test('a new screen is made from its sibling’s pieces, with a way back', () => {
  const { project, made } = applyCommand(lighthouse(), 'link to new screen', {
    link: { from: 'title', trigger: { on: 'event', event: 'x' }, kind: 'open', effects: [] },
    name: 'Harbour',
    layer: 'overlay',
  });
  const screen = screenById(project, made)!;
  expect(screen).toMatchObject({ name: 'Harbour', layer: 'overlay', background: { colour: '#102030' } });
  expect(screen.elements.map((element) => element.type)).toContain('button');
  expect(project.links.filter((link) => link.from === made).map((link) => link.kind)).toEqual([
    'back',
    'back',
  ]);
  expect(project.links.find((link) => link.trigger.on === 'event' && link.trigger.event === 'x')!.to).toEqual(
    {
      screen: made,
    },
  );
});
