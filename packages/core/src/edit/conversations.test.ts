import { applyCommand, takeScreens, type Arguments, type CommandName } from '.';
import { findingsOfTalk } from '../check';
import { compile } from '../compile';
import { blankProject, type Project, type Step } from '../model';
import { readDocument } from '../schema';
import { dialogueParts, line, talking } from '../test/talks';

/** Edits of conversations: steps put in, moved, copied and taken out, at any depth. */

function after<N extends CommandName>(project: Project, name: N, args: Arguments<N>): Project {
  const next = applyCommand(project, name, args).project;
  expect(readDocument(next)).toEqual({ project: next });
  return next;
}
const steps = (project: Project): Step[] => project.conversations![0]!.steps;
const ids = (project: Project): string[] => steps(project).map((step) => step.id);
const choice: Step = {
  id: 'c',
  step: 'choice',
  speaker: null,
  text: '',
  options: [
    {
      id: 'o',
      text: 'Yes',
      steps: [
        { id: 'j', step: 'jump', to: 'k' },
        { id: 'k', step: 'label', name: 'k' },
      ],
    },
  ],
};

test('steps are put after others, at the beginning, and within an option', () => {
  let project = talking([line('a', 'A'), choice]);
  project = after(project, 'put steps', { owner: 'talk', steps: [line('n', 'N')], after: 'a' });
  project = after(project, 'put steps', { owner: 'talk', steps: [line('m', 'M')], after: null });
  expect(ids(project)).toEqual(['m', 'a', 'n', 'c']);
  project = after(project, 'put steps', { owner: 'talk', steps: [line('i', 'I')], after: null, inside: 'o' });
  project = after(project, 'put steps', { owner: 'talk', steps: [line('i2', 'I')], after: 'i' });
  const inner = steps(project)[3]!;
  expect(inner.step === 'choice' && inner.options[0]!.steps.map((step) => step.id)).toEqual([
    'i',
    'i2',
    'j',
    'k',
  ]);
});

test('several move as one, and stop at the edge; a copy has ids of its own, and leads within itself', () => {
  let project = talking([line('a', 'A'), line('b', 'B'), line('d', 'D'), choice]);
  project = after(project, 'move steps', { owner: 'talk', steps: ['b', 'd'], by: -1 });
  expect(ids(project)).toEqual(['b', 'd', 'a', 'c']);
  expect(applyCommand(project, 'move steps', { owner: 'talk', steps: ['b', 'd'], by: -1 }).edit).toBeNull();
  project = after(project, 'duplicate steps', { owner: 'talk', steps: ['c'] });
  const copy = steps(project)[4]!;
  if (copy.step !== 'choice') throw new Error('It is no choice.');
  const [jump, label] = copy.options[0]!.steps;
  expect(jump).toMatchObject({ to: label!.id });
  expect([copy.id, jump!.id]).not.toContain('c');
  project = after(project, 'delete steps', { owner: 'talk', steps: ['a', 'j'] });
  expect(ids(project)).toEqual(['b', 'd', 'c', copy.id]);
});

test('what goes takes its uses with it; what is called otherwise is still meant', () => {
  let project = talking([
    line('a', 'Oil {oil}', { face: 'worried' }),
    { id: 'r', step: 'routine', routine: 'gone' },
    { id: 's', step: 'show', element: 'backdrop' },
    { id: 'j', step: 'jump', to: 'a', when: 'oil > 2' },
  ]);
  project = after(project, 'rename value', { value: 'v-oil', name: 'lamp oil' });
  project = after(project, 'rename face', { speaker: 'ines', from: 'worried', to: 'afraid' });
  project = after(project, 'change element', {
    screen: 'radio',
    element: 'backdrop',
    change: { name: 'Wall' },
  });
  expect(steps(project)).toMatchObject([
    { text: 'Oil {lamp_oil}', face: 'afraid' },
    {},
    { element: 'Wall' },
    { when: 'lamp_oil > 2' },
  ]);
  project = after(project, 'delete speaker', { speaker: 'ines' });
  expect(steps(project)[0]).not.toHaveProperty('face');
  project = after(project, 'add routine', { name: 'Radio line' });
  const made = project.routines![0]!.id;
  project = after(project, 'put steps', {
    owner: 'talk',
    steps: [{ id: 'q', step: 'routine', routine: made }],
    after: 'a',
  });
  project = after(project, 'delete routine', { routine: made });
  expect(ids(project)).toEqual(['a', 'r', 's', 'j']);
  project = after(project, 'delete conversation', { conversation: 'talk' });
  expect(project.screens.find((screen) => screen.id === 'radio')).not.toHaveProperty('says');
});

test('a dialogue screen is copied to another project with what it says, who says it, and their pictures', () => {
  const own = (id: string | null) => (id === null ? null : `e-${id}`);
  const elements = dialogueParts().map((part) => ({ ...part, id: own(part.id)!, parent: own(part.parent) }));
  const project = talking(
    [line('a', 'Hi', { face: 'worried' }), { id: 'r', step: 'routine', routine: 'q', args: { w: 'Told' } }],
    {},
    { elements },
  );
  project.routines = [
    {
      id: 'q',
      name: 'Radio line',
      parameters: [{ id: 'w', name: 'words', type: 'text' }],
      steps: [line('l', '{words}', { speaker: 'tobias' })],
    },
  ];
  const taken = takeScreens(project, ['radio']);
  expect(taken.conversations).toHaveLength(1);
  expect(taken.assets.map((asset) => asset.id).sort()).toEqual(['a-calm', 'a-tobias', 'a-worried']);
  const other = after(blankProject('Other'), 'paste screens', { from: taken });
  const [screen] = other.screens;
  const [talk] = other.conversations!;
  expect(screen!.says).toBe(talk!.id);
  expect(talk!.screen).toBe(screen!.id);
  expect(other.speakers!.map((speaker) => speaker.name).sort()).toEqual(['Ines', 'Tobias']);
  expect(findingsOfTalk(compile(other), talk!)).toEqual([]);
  // Once more, it says the same.
  const twice = after(other, 'paste screens', { from: taken });
  expect(twice.conversations).toHaveLength(1);
  expect(twice.screens[1]!.says).toBe(talk!.id);
  const gone = after(twice, 'delete screens', { screens: [screen!.id] });
  expect(gone.conversations![0]!.screen).toBeNull();
});
