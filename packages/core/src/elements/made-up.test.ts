import Joi from 'joi';
import type { Element, ElementBase, Project } from '../model';
import { box, plain as plainItem } from '../drawing';
import { boxLook } from '../style';
import { boxUse, id, message, record } from '../walk';
import { AUTHOR, labelOf, type Author } from './author';
import { FIELDS } from './fields';
import * as named from './named';
import { PLAY } from './registry';
import { WHOLE, type Play } from './play';

/** A type of element that there is not, added through the registries alone. */

interface Lamp extends ElementBase {
  type: 'lamp';
  text: string;
  value?: string;
  box: { style: string };
}

const play: Play<Lamp> = {
  paint: (lamp, { project, rect, said }) => [
    ...box(lamp.id, rect, boxLook(project, lamp.box)),
    { ...plainItem(null, { ...rect, width: rect.width / 2 }, '#f0c25a'), id: `${lamp.id} ${said}` },
  ],
  speak: {
    role: 'switch',
    tell: (_, { held, said }) => ({ name: `Lamp ${said}`, checked: held.scalar === true }),
  },
  focus: WHOLE,
  use: { takes: (use) => use === 'confirm' },
};
const author = {
  label: 'Lamp',
  size: [80, 120],
  fresh: ({ label, box }: { label: string; box: (style: string) => object }) => ({
    text: label,
    box: box('b-panel'),
  }),
  references: record<Lamp>({
    ...named.base,
    text: message(),
    value: id('value', { use: 'both' }),
    box: boxUse,
  }),
};
const lampOf = (over: Partial<Lamp> = {}): Element =>
  ({
    id: 'lamp',
    name: 'Lamp',
    type: 'lamp',
    parent: null,
    place: { x: { at: 'start', offset: 100, size: 80 }, y: { at: 'start', offset: 50, size: 120 } },
    text: 'lit',
    value: 'lit',
    box: { style: 'b-panel' },
    ...over,
  }) as unknown as Element;

const tables = [
  [PLAY, play],
  [AUTHOR, author as unknown as Author<'button'>],
  [FIELDS, { text: Joi.string().required(), value: Joi.string(), box: Joi.object().required() }],
] as const;

beforeAll(() => {
  for (const [table, entry] of tables) Object.assign(table, { lamp: entry });
});
afterAll(() => {
  for (const [table] of tables) delete (table as Record<string, unknown>).lamp;
});

// What checks files is put together from the registry when it is loaded.
const loaded = async () => ({
  ...(await import('../schema')),
  ...(await import('../run')),
  ...(await import('../paint')),
  ...(await import('../access')),
  ...(await import('../compile')),
  ...(await import('../check')),
  ...(await import('../edit')),
  ...(await import('../starter')),
  ...(await import('../test/flows')),
});

const project = async (over: Partial<Lamp> = {}): Promise<Project> => {
  const { projectOf, screenOf } = await loaded();
  return projectOf([screenOf('room', { elements: [lampOf(over)] }, [])], [], {
    values: [{ id: 'lit', name: 'lit', section: 'Lamp', life: 'session', type: 'on/off', default: false }],
  });
};

test('it is drawn, laid out, told, focused, and used', async () => {
  const { accessOf, Play: Played, paintRun } = await loaded();
  const run = new Played(await project());
  const { flow, state } = run;
  expect(flow.screens.get('room')!.focus.order).toEqual(['lamp']);
  expect(JSON.stringify(paintRun(flow, state))).toContain('"lamp lit"');
  expect(accessOf(flow, state)[0]!.items).toMatchObject([
    { id: 'lamp', role: 'switch', name: 'Lamp lit', checked: false, focused: true },
  ]);
  run.key('Enter');
  expect(run.state.values.lit).toBe(true);
  expect(accessOf(flow, run.state)[0]!.items).toMatchObject([{ checked: true }]);
});

test('it is read and written, and refused with its field', async () => {
  const { readDocument, writeProject } = await loaded();
  const written = writeProject(await project());
  expect(readDocument(JSON.parse(written))).not.toHaveProperty('problems');
  const wrong = JSON.parse(written) as { screens: { elements: Record<string, unknown>[] }[] };
  wrong.screens[0]!.elements[0]!.text = 7;
  expect(readDocument(wrong)).toMatchObject({ problems: [{ place: 'screens[0].elements[0].text' }] });
});

test('it begins as its type says, and what it names is followed', async () => {
  const { applyCommand, freshElement, findingsOf, findingWords } = await loaded();
  const before = await project();
  expect(labelOf('lamp' as never)).toBe('Lamp');
  expect(freshElement(before, 'lamp' as never)).toMatchObject({ type: 'lamp', text: 'Lamp', name: 'Lamp' });
  const said = await project({ text: 'It is {lit}' });
  const renamed = applyCommand(said, 'rename value', { value: 'lit', name: 'burning' }).project;
  expect(renamed.screens[0]!.elements[0]).toMatchObject({ text: 'It is {burning}', value: 'lit' });
  expect(findingsOf(before)).toEqual([]);
  expect(findingsOf({ ...before, values: [] }).map(findingWords)).toEqual([
    'Lamp shows a value that is gone.',
  ]);
});
