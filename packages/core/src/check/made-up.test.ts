import { compile } from '../compile';
import { projectOf, screenOf } from '../test/flows';
import { line, talking } from '../test/talks';
import type { Check } from './finding';
import {
  CHECKS,
  findingMark,
  findingsAtLarge,
  findingsDrawn,
  findingsOf,
  findingsOfLink,
  findingsOfScreen,
  findingsOfTalk,
  findingsTranslated,
  findingWords,
} from './index';

/** A check that there is not, added through the registry alone: it looks everywhere, and says where it was asked. */

const everywhere: Check<{ at: string }> = {
  severity: 'advice',
  about: 'Somebody looked here, and there is nothing to mend.',
  phrase: ({ at }) => `Looked at ${at}.`,
  mark: ({ at }) => at,
  place: (_, place) => (place.is === 'text' ? [{ at: place.text }] : []),
  link: (_, { kind }) => [{ at: `a link that is to ${kind}` }],
  held: (_, { name }) => [{ at: name }],
  drawn: (_, { id }) => [{ params: { at: `${id}, drawn` }, where: { element: 'go' } }],
  talk: ({ name }) => [{ at: name }],
  step: (_, { step }) => [{ at: `a ${step}` }],
  spoken: ({ op }) => [{ at: `a ${op.op}, spoken` }],
  translated: (_, { name }) => [{ params: { at: `${name}, translated` }, where: { step: '' } }],
  project: ({ name }) => [{ params: { at: name }, where: { screens: ['room'] } }],
};

beforeAll(() => void Object.assign(CHECKS, { 'made/up': everywhere }));
afterAll(() => void delete (CHECKS as Record<string, unknown>)['made/up']);

test('it tells of the project, its screens, their texts, and its links', () => {
  const link = { id: 'l', from: 'room', trigger: { on: 'arrival' }, kind: 'end', effects: [] } as const;
  const project = projectOf([screenOf('room', {}, ['go'])], [{ ...link, effects: [] }]);
  const told = findingsOf(project).map((finding) => [
    finding.code,
    finding.severity,
    findingWords(finding),
    finding.where,
  ]);
  expect(told).toEqual([
    ['made/up', 'advice', 'Looked at a link that is to end.', { source: 'room', link: 'l' }],
    ['made/up', 'advice', 'Looked at room.', { source: 'room' }],
    ['made/up', 'advice', 'Looked at go.', { source: 'room', element: 'go' }],
    ['made/up', 'advice', 'Looked at Test.', { source: 'project', screens: ['room'] }],
  ]);
  expect(findingsOfLink(project, project.links[0]!)).toHaveLength(1);
  expect(findingsOfScreen(project, project.screens[0]!)).toHaveLength(2);
  expect(findingsAtLarge(project)).toHaveLength(1);
  const flow = compile(project);
  const [drawn] = findingsDrawn(flow, flow.screens.get('room')!);
  expect(drawn).toMatchObject({ where: { source: 'room', element: 'go' } });
  expect(findingMark(drawn!)).toBe('room, drawn');
});

test('and of conversations, in every language', () => {
  const project = talking([line('a', 'All well.')]);
  const [talk] = project.conversations!;
  const found = [...findingsOfTalk(compile(project), talk!), ...findingsTranslated(project, talk!)];
  expect(found.map((finding) => [finding.where.step, findingWords(finding)])).toEqual([
    ['', `Looked at ${talk!.name}.`],
    ['a', 'Looked at a line.'],
    ['a', 'Looked at All well..'],
    ['a', 'Looked at a line, spoken.'],
    ['', `Looked at ${talk!.name}, translated.`],
  ]);
});

test('every check says what it is about and what mends it', () => {
  for (const { about, severity } of Object.values(CHECKS)) {
    expect(about).toMatch(/^[A-Z].{20,}\.$/);
    expect(['error', 'warning', 'advice']).toContain(severity);
  }
});
