import { compile } from '../compile';
import { applyCommand, type Arguments, type CommandName } from '../edit';
import type { Project } from '../model';
import { begin, validateState } from '../run';
import { readDocument, writeProject } from '../schema';
import { whole } from '../test/whole';
import { findingsOf, findingsOfTalks, findingWords } from '.';

type Any = { [N in CommandName]: { name: N; args: Arguments<N> } }[CommandName];

/** Of what there is much of, every third. */
const some = <T>(list: readonly T[]): T[] => list.filter((_, i) => i % 3 === 0);

/** Everything in the demo that can be deleted, with the id that is then nobody's. */
const deletions: [string, string, Any][] = [
  ...whole.screens.map(({ id }) => [id, { name: 'delete screens', args: { screens: [id] } }] as const),
  ...whole.screens.flatMap(({ id, elements, parameters = [], outcomes = [] }) => [
    ...some(elements).map(
      (element) =>
        [element.id, { name: 'delete elements', args: { screen: id, elements: [element.id] } }] as const,
    ),
    ...parameters.map(
      (parameter) =>
        [parameter.id, { name: 'delete parameter', args: { screen: id, parameter: parameter.id } }] as const,
    ),
    ...outcomes.map(
      (outcome) =>
        [outcome.id, { name: 'delete outcome', args: { screen: id, outcome: outcome.id } }] as const,
    ),
  ]),
  ...(whole.components ?? []).flatMap(({ id, elements, parameters }) => [
    [id, { name: 'delete component', args: { component: id } }] as const,
    ...some(elements).map(
      (element) =>
        [element.id, { name: 'delete elements', args: { screen: id, elements: [element.id] } }] as const,
    ),
    ...parameters.map(
      (parameter) =>
        [
          parameter.id,
          { name: 'delete component parameter', args: { component: id, parameter: parameter.id } },
        ] as const,
    ),
  ]),
  ...whole.values.map(({ id }) => [id, { name: 'delete value', args: { value: id } }] as const),
  ...whole.events.flatMap(({ id, fields = [] }) => [
    [id, { name: 'delete event', args: { event: id } }] as const,
    ...fields.map(
      (field) => [field.id, { name: 'delete field', args: { event: id, field: field.id } }] as const,
    ),
  ]),
  ...whole.actions.map(({ id }) => [id, { name: 'delete action', args: { action: id } }] as const),
  ...whole.areas.map(({ id }) => [id, { name: 'delete area', args: { area: id } }] as const),
  ...whole.assets.map(({ id }) => [id, { name: 'delete assets', args: { assets: [id] } }] as const),
  ...(whole.motions ?? []).map(({ id }) => [id, { name: 'delete motion', args: { motion: id } }] as const),
  ...whole.styles.text.map(({ id }) => [id, { name: 'delete text style', args: { style: id } }] as const),
  ...whole.styles.box.map(({ id }) => [id, { name: 'delete box style', args: { style: id } }] as const),
  ...(whole.styles.colours ?? []).map(
    ({ id }) => [id, { name: 'delete colour', args: { colour: id } }] as const,
  ),
  ...(whole.speakers ?? []).map(({ id }) => [id, { name: 'delete speaker', args: { speaker: id } }] as const),
  ...(whole.conversations ?? []).map(
    ({ id }) => [id, { name: 'delete conversation', args: { conversation: id } }] as const,
  ),
  ...(whole.routines ?? []).map(({ id }) => [id, { name: 'delete routine', args: { routine: id } }] as const),
].map(([id, command]) => [`${command.name} ${id}`, id, command as Any]);

/**
 * How often an id stands in a document: by itself, in a path, or as a key. Other languages' texts go by what they
 * translate.
 */
function standing(project: Project, id: string): number {
  const count = (value: unknown): number => {
    if (typeof value === 'string') return value.split('/').includes(id) ? 1 : 0;
    if (typeof value !== 'object' || value === null) return 0;
    return Object.entries(value).reduce(
      (sum, [key, each]) => sum + (key.split('/').includes(id) ? 1 : 0) + count(each),
      0,
    );
  };
  const { texts: _, translated: __, wordings: ___, ...document } = project;
  return count(document);
}

const flow = compile(whole);
const told = (project: Project): string[] => [
  ...findingsOf(project).map(
    (finding) => `${finding.where.source} ${finding.where.link}: ${findingWords(finding)}`,
  ),
  ...[...findingsOfTalks(compile(project, flow))].flatMap(([id, found]) =>
    found.map((finding) => `${id} ${finding.where.step}: ${findingWords(finding)}`),
  ),
];
const before = told(whole);

test.each(deletions)('%s: what it was named by is gone too, or told of', (_name, id, { name, args }) => {
  const { project } = applyCommand(whole, name, args as never);
  const left = standing(project, id);
  // What every project has stays, and so does the last style.
  if (JSON.stringify(project) === JSON.stringify(whole)) return;
  const found = told(project);
  const lost = [...found];
  for (const value of before) if (lost.includes(value)) lost.splice(lost.indexOf(value), 1);
  expect(lost.length).toBeGreaterThanOrEqual(left);
  expect(readDocument(JSON.parse(writeProject(project)))).not.toHaveProperty('problems');
  const now = compile(project, flow);
  expect(validateState(now, begin(now).state)).toEqual([]);
});
