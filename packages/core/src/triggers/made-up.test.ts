import type { Trigger, Project } from '../model';
import { plain } from '../walk';
import { TRIGGER_AUTHORS, triggerLabel, type TriggerAuthor } from './author';
import * as named from './named';
import { TRIGGERS, type TriggerPlay } from './index';

/** A type of trigger of each life that there is not, added through the registries alone. */

interface MadeUp {
  play: TriggerPlay<never>;
  author: object;
}
const words = (said: string): Pick<TriggerAuthor<never>, 'words' | 'label'> => ({
  words: () => [{ blank: 'trigger', words: said }],
  label: () => said,
});
const MADE_UP: Record<string, MadeUp> = {
  wheel: {
    play: { life: 'searched', hears: ({ type }) => (type === 'scroll' ? '' : undefined) },
    author: { fields: {}, references: {}, ...words('When something is scrolled') },
  },
  beat: {
    play: {
      life: 'timed',
      after: ({ every }: { every: string }) => every,
      counted: () => ({ since: 'shown', clock: 'interface', covered: 'counts' }),
    },
    author: { fields: { every: 'duration' }, references: { every: plain }, ...words('At the beat') },
  },
  lit: {
    play: { life: 'sampled', awaits: ({ when }: { when: string }) => when },
    author: {
      fields: { when: 'expression' },
      references: { when: named.condition },
      ...words('Once it is lit'),
    },
  },
  shown: {
    play: { life: 'followed', follows: 'up' },
    author: { fields: {}, references: {}, ...words('Once it is here') },
  },
};

beforeAll(() => {
  for (const [name, { play, author }] of Object.entries(MADE_UP)) {
    Object.assign(TRIGGERS, { [name]: play });
    Object.assign(TRIGGER_AUTHORS, { [name]: author });
  }
});
afterAll(() => {
  for (const name of Object.keys(MADE_UP)) {
    delete (TRIGGERS as Record<string, unknown>)[name];
    delete (TRIGGER_AUTHORS as Record<string, unknown>)[name];
  }
});

// What checks files is put together from the registry when it is loaded.
const loaded = async () => ({
  ...(await import('../schema')),
  ...(await import('../words')),
  ...(await import('../edit')),
  ...(await import('../check')),
  ...(await import('../test/flows')),
});

async function leadsBy(trigger: object): Promise<Project> {
  const { projectOf, screenOf, link } = await loaded();
  return projectOf(
    [screenOf('room'), screenOf('stairs')],
    [link('room', trigger as Trigger, 'go', 'stairs')],
    {
      values: [
        { id: 'lamp', name: 'lamp', section: 'Lamp', life: 'session', type: 'on/off', default: false },
      ],
    },
  );
}

test('a searched one takes the input it hears', async () => {
  const { Play } = await loaded();
  const run = new Play(await leadsBy({ on: 'wheel' }));
  run.event('gone').key('Enter').wait(5000);
  expect(run.up).toEqual(['room']);
  run.give({ type: 'scroll', device: 'pointer', serial: 1, area: 'none', x: 0, y: 10 });
  expect(run.up).toEqual(['stairs']);
});

test('a timed one goes off when its time is up', async () => {
  const { Play } = await loaded();
  const run = new Play(await leadsBy({ on: 'beat', every: '2 s' }));
  expect(run.wait(1999).up).toEqual(['room']);
  expect(run.wait(1).up).toEqual(['stairs']);
});

test('a sampled one goes off once its expression holds', async () => {
  const { Play } = await loaded();
  const run = new Play(await leadsBy({ on: 'lit', when: 'lamp' }));
  expect(run.wait(1000).up).toEqual(['room']);
  run.give({ type: 'value', value: 'lamp', to: true, byHand: true });
  expect(run.up).toEqual(['stairs']);
});

test('a followed one comes of what happens to its screen', async () => {
  const { Play } = await loaded();
  expect(new Play(await leadsBy({ on: 'shown' })).up).toEqual(['stairs']);
});

test('each is said, labelled, read, refused, and what it names is followed', async () => {
  const { sentenceOf, readDocument, writeProject, applyCommand, findingsOf } = await loaded();
  const beat = await leadsBy({ on: 'beat', every: '2 s' });
  expect(sentenceOf(beat, beat.links[0]!)[0]).toEqual({ blank: 'trigger', words: 'At the beat' });
  expect(triggerLabel(beat, 'room', beat.links[0]!.trigger)).toBe('At the beat');
  const written = JSON.parse(writeProject(beat)) as { links: { trigger: Record<string, unknown> }[] };
  expect(readDocument(written)).not.toHaveProperty('problems');
  written.links[0]!.trigger.every = 'soon';
  expect(readDocument(written)).toMatchObject({ problems: [{ place: 'links[0].trigger.every' }] });
  const lit = await leadsBy({ on: 'lit', when: 'lamp' });
  const renamed = applyCommand(lit, 'rename value', { value: 'lamp', name: 'lantern' }).project;
  expect(renamed.links[0]!.trigger).toEqual({ on: 'lit', when: 'lantern' });
  expect(findingsOf(lit)).toEqual([]);
  expect(findingsOf({ ...lit, values: [] })).toHaveLength(1);
});
