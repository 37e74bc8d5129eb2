import type { Effect, Project } from '../model';
import { EFFECT_AUTHORS, type EffectAuthor } from './author';
import { EFFECTS, type EffectPlay } from './index';
import * as named from './named';

/** A type of effect that there is not, added through the registries alone: it sets a value and tells the game of it. */

interface Announce {
  do: 'announce';
  value: string;
  to: string;
  event: string;
}

const play: EffectPlay<Announce> = {
  gives: ({ to }) => to,
  run: ({ value, event }, game) => {
    game.set(value);
    game.send(event);
  },
};
const author: EffectAuthor<Announce> = {
  fields: { value: 'id', to: 'expression', event: 'id' },
  references: { value: named.value, to: named.toValue, event: named.event },
  about: ({ value }) => value,
  gone: { event: 'What it is announced by is gone.' },
  words: ({ to }, phrase) => [{ words: 'announce ' }, named.noun(phrase, to)],
};

beforeAll(() => {
  Object.assign(EFFECTS, { announce: play });
  Object.assign(EFFECT_AUTHORS, { announce: author });
});
afterAll(() => {
  delete (EFFECTS as Record<string, unknown>).announce;
  delete (EFFECT_AUTHORS as Record<string, unknown>).announce;
});

// What checks files is put together from the registry when it is loaded.
const loaded = async () => ({
  ...(await import('../schema')),
  ...(await import('../words')),
  ...(await import('../edit')),
  ...(await import('../check')),
  ...(await import('../test/flows')),
});

async function announcing(): Promise<Project> {
  const { projectOf, screenOf, link, down } = await loaded();
  const effect: Announce = { do: 'announce', value: 'v-oil', to: 'oil + 5', event: 'g-oil' };
  return projectOf(
    [screenOf('room')],
    [link('room', down('menu'), 'stay', undefined, { effects: [effect as unknown as Effect] })],
    {
      values: [{ id: 'v-oil', name: 'oil', section: 'Lamp', life: 'session', type: 'number', default: 10 }],
      events: [{ id: 'g-oil', name: 'oil', direction: 'out' }],
    },
  );
}

test('it runs, now and later', async () => {
  const { Play } = await loaded();
  const project = await announcing();
  const [code] = project.actions.find(({ id }) => id === 'menu')!.keys;
  const run = new Play(project).key(code!);
  expect(run.state.values['v-oil']).toBe(15);
  expect(run.did('send')).toMatchObject([{ event: 'g-oil' }]);
  const [first] = project.links;
  const later = { ...first!, effects: [{ ...first!.effects[0]!, after: '2 s' }] };
  const put = new Play({ ...project, links: [later] }).key(code!);
  expect(put.state.values['v-oil']).toBe(10);
  expect(put.wait(2000).state.values['v-oil']).toBe(15);
});

test('it is said, read, refused, and what it names is followed', async () => {
  const { sentenceText, readDocument, writeProject, applyCommand, findingsOf, findingWords } = await loaded();
  const project = await announcing();
  expect(sentenceText(project, project.links[0]!)).toContain('announce oil + 5');
  const written = JSON.parse(writeProject(project)) as { links: { effects: Record<string, unknown>[] }[] };
  expect(readDocument(written)).not.toHaveProperty('problems');
  delete written.links[0]!.effects[0]!.to;
  expect(readDocument(written)).toMatchObject({ problems: [{ place: 'links[0].effects[0].to' }] });
  const renamed = applyCommand(project, 'rename value', { value: 'v-oil', name: 'lamp oil' }).project;
  expect(renamed.links[0]!.effects[0]).toMatchObject({ value: 'v-oil', to: 'lamp_oil + 5' });
  expect(findingsOf(project)).toEqual([]);
  expect(findingsOf({ ...project, events: [] }).map(findingWords)).toEqual([
    'What it is announced by is gone.',
  ]);
});
