import fc from 'fast-check';
import { findingsOf, findingWords } from '../check';
import { compile } from '../compile';
import { inLanguage } from '../language';
import { identifierOf, type Project } from '../model';
import { namesIn } from '../message';
import { paintRun } from '../paint';
import { placesOf } from '../references';
import { begin, beginAt, step, type Input } from '../run';
import { anyInputs, anyProject } from '../test/arbitrary';
import { buttonOf, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, type Arguments, type CommandName } from '.';

/** What a player sees of a project at every step of a run, and of each screen when the run begins there. */
function seen(project: Project, inputs: readonly Input[]): unknown[] {
  const flow = compile(project);
  const pictures: unknown[] = project.screens.map(({ id }) => paintRun(flow, beginAt(flow, id, true).state));
  let { state } = begin(flow);
  for (const input of inputs) {
    state = step(flow, state, input).state;
    pictures.push([
      paintRun(flow, state),
      state.values,
      [state.base, ...state.overlays].map((instance) => instance.screen),
    ]);
  }
  return pictures;
}

type Any = { [N in CommandName]: { name: N; args: Arguments<N> } }[CommandName];

/** What could be called otherwise in a project, each by its command. */
const renames = (project: Project, name: string): Any[] => [
  ...project.values.map(({ id }): Any => ({ name: 'rename value', args: { value: id, name } })),
  ...project.screens.flatMap(({ id, parameters = [], elements }): Any[] => [
    { name: 'rename screen', args: { screen: id, name } },
    ...parameters.map((parameter): Any => ({
      name: 'change parameter',
      args: { screen: id, parameter: parameter.id, change: { name } },
    })),
    ...elements.map((element): Any => ({
      name: 'change element',
      args: { screen: id, element: element.id, change: { name: `${name} of ${element.name}` } },
    })),
  ]),
  ...project.events.flatMap(({ id, fields = [] }) =>
    fields.map((field): Any => ({
      name: 'change field',
      args: { event: id, field: field.id, change: { name } },
    })),
  ),
  ...(project.components ?? []).flatMap(({ id, parameters }) =>
    parameters.map((parameter): Any => ({
      name: 'change component parameter',
      args: { component: id, parameter: parameter.id, change: { name } },
    })),
  ),
];

/** Names that mean something already, and some that do not. */
const name = fc.constantFrom(
  'asked',
  'said',
  'oil',
  'note',
  'grade',
  'lamp oil',
  'S1',
  'isUp',
  'Ö 2',
  'there',
);

/** Whether some text that is rewritten cannot be said at all: then it is shown as it is written. */
function showsWritten(project: Project, after: Project): boolean {
  const known = new Set(project.values.map((value) => identifierOf(value.name)));
  const now = placesOf(after, { only: ['text'] });
  return placesOf(project, { only: ['text'] }).some(
    ({ text }, i) =>
      text !== now[i]?.text &&
      text.includes(',') &&
      (text.includes('currency/X') || namesIn(text).some((name) => !known.has(name))),
  );
}
const lostNames = (project: Project): Set<string> =>
  new Set(
    [...findingsOf(project), ...findingsOf(inLanguage(project, 'de'))].flatMap(
      (finding) =>
        /nothing called (\w+)|says \{(\w+)\}|no screen “(\w+)”/.exec(findingWords(finding))?.slice(1) ?? [],
    ),
  );

test('whatever is called otherwise, every picture and every run stays, in each language', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, name, fc.nat(), (project, inputs, to, n) => {
      const all = renames(project, to);
      const rename = all[n % all.length]!;
      const { project: after } = applyCommand(project, rename.name, rename.args as never);
      // What names nothing is shown as it is written; a thing that gets that name is what it names from then on.
      fc.pre(!showsWritten(project, after) && !lostNames(project).has(identifierOf(to)));
      expect(seen(after, inputs)).toEqual(seen(project, inputs));
      expect(seen(inLanguage(after, 'de'), inputs)).toEqual(seen(inLanguage(project, 'de'), inputs));
    }),
    { numRuns: 150 },
  );
});

const project = projectOf(
  [
    screenOf('s', {
      parameters: [{ id: 'q', name: 'who', type: 'text', default: 'you' }],
      elements: [
        { ...buttonOf('b', 0), text: '{storm, select, gale {Hold} other {{storm}}} for {who}' },
        {
          ...buttonOf('t', 100),
          type: 'text',
          frames: {
            frames: [{ text: '{oil, number} left', hold: '1 s' }],
            last: { text: '{oil}', hold: '1 s' },
          },
        },
        {
          id: 'x',
          name: 'x',
          type: 'component',
          component: 'k',
          parent: null,
          place: buttonOf('x', 0).place,
          args: { label: 'Oil {oil}' },
          changes: { in: { text: '{label}: {oil}' } },
        },
      ] as Project['screens'][number]['elements'],
    }),
    screenOf('ask', { layer: 'overlay', parameters: [{ id: 'p', name: 'question', type: 'text' }] }),
  ],
  [link('s', press('b'), 'open', 'ask', { id: 'l', args: { p: 'oil + " left"' } })],
  {
    languages: [
      { code: 'en', name: 'English' },
      { code: 'de', name: 'German' },
    ],
    texts: {
      de: { 's b': '{storm, select, gale {Halt} other {{storm}}} für {who}', 's t last': 'Öl {oil}' },
    },
    values: [
      { id: 'v', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 9 },
      {
        id: 'w',
        name: 'storm',
        section: 'Sea',
        life: 'session',
        type: 'choice',
        options: [{ id: 'gale', label: 'Gale' }],
        default: 'gale',
      },
    ],
    components: [
      {
        id: 'k',
        name: 'Row',
        width: 10,
        height: 10,
        parameters: [{ id: 'label', name: 'label', type: 'text', default: '{oil} by default' }],
        elements: [{ ...buttonOf('in', 0), text: '{label} {oil}' }],
      },
    ],
  } as Partial<Project>,
);
const all = (from: Project): string => JSON.stringify(from);

test('a value is followed into branches, other languages, frames, and what components are told, say and hold', () => {
  const oil = all(applyCommand(project, 'rename value', { value: 'v', name: 'lamp fuel' }).project);
  expect(oil).not.toMatch(/\boil\b/);
  for (const text of [
    '{lamp_fuel, number} left',
    'Öl {lamp_fuel}',
    'Oil {lamp_fuel}',
    '{label}: {lamp_fuel}',
  ])
    expect(oil).toContain(text);
  expect(oil).toContain('{lamp_fuel} by default');
  const storm = all(applyCommand(project, 'rename value', { value: 'w', name: 'weather' }).project);
  expect(storm).not.toContain('storm');
  expect(storm).toContain('{weather, select, gale {Halt} other {{weather}}}');
});

test('so are what a screen and a component are told, wherever that can be named', () => {
  const who = all(
    applyCommand(project, 'change parameter', { screen: 's', parameter: 'q', change: { name: 'crew' } })
      .project,
  );
  expect(who).not.toContain('{who}');
  const { project: label } = applyCommand(project, 'change component parameter', {
    component: 'k',
    parameter: 'label',
    change: { name: 'caption' },
  });
  expect(all(label)).not.toContain('{label}');
  expect(all(label)).toContain('{caption}: {oil}');
});

test('a name that would be taken for another gets a number', () => {
  expect(applyCommand(project, 'rename value', { value: 'v', name: 'Storm' }).project.values[0]!.name).toBe(
    'Storm 2',
  );
  expect(
    applyCommand(project, 'rename value', { value: 'v', name: 'question' }).project.values[0]!.name,
  ).toBe('question');
  expect(applyCommand(project, 'rename value', { value: 'v', name: 'who' }).project.values[0]!.name).toBe(
    'who 2',
  );
  expect(identifierOf('who 2')).toBe('who_2');
  expect(applyCommand(project, 'rename screen', { screen: 's', name: 'ASK' }).project.screens[0]!.name).toBe(
    'ASK 2',
  );
});
