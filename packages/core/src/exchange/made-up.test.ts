import { blankProject } from '../model';
import { talking, line } from '../test/talks';
import { endingsOf, EXPORTS, exportsOf, IMPORTS, readAs, writeAs } from '.';
import type { Export, Import } from './format';

/** Formats that there are not, added through the registries alone. */

const names: Export<'lines'> = {
  of: 'lines',
  title: 'Speakers',
  about: 'Who speaks, one a line',
  done: 'All of them are in it.',
  write: ({ project }) => ({
    bytes: (project.speakers ?? []).map(({ name }) => name).join('\n'),
    ending: 'names.txt',
    media: 'text/plain',
  }),
};
const keys: Import<'texts'> = {
  of: 'texts',
  endings: ['.keys'],
  fits: (bytes) => bytes[0] === 0x40,
  read: (bytes) => ({
    language: null,
    texts: [
      { key: String(bytes.length), source: null, target: '', state: 'initial', note: null, maxLength: null },
    ],
  }),
};

beforeAll(() => {
  const before = { ...IMPORTS };
  Object.assign(EXPORTS, { names });
  // Before what takes anything.
  for (const name of Object.keys(IMPORTS)) delete (IMPORTS as Record<string, unknown>)[name];
  Object.assign(IMPORTS, { keys, ...before });
});
afterAll(() => {
  delete (EXPORTS as Record<string, unknown>).names;
  delete (IMPORTS as Record<string, unknown>).keys;
});

test('what it writes is offered, and written with what is said then', async () => {
  expect(exportsOf('lines').map(([name, { title }]) => [name, title])).toContainEqual(['names', 'Speakers']);
  const project = talking([line('a', 'All well.')], { speakers: [{ id: 'ines', name: 'Ines', faces: [] }] });
  const file = await writeAs('names', 'lines', { project, conversation: project.conversations![0]! });
  expect(file).toEqual({
    bytes: 'Ines',
    ending: 'names.txt',
    media: 'text/plain',
    done: 'All of them are in it.',
  });
});

test('what it reads is asked for by its endings, and read where it fits', async () => {
  expect(endingsOf('texts')).toContain('.keys');
  const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
  expect(await readAs('texts', bytes('@abc'))).toMatchObject({ texts: [{ key: '4' }] });
  expect(await readAs('texts', bytes('key,target de\na,b\n'))).toMatchObject({ language: 'de' });
});

test('every format says what it is and what for', () => {
  for (const { title, about } of Object.values(EXPORTS)) expect([title, about].every(Boolean)).toBe(true);
  const project = blankProject('Empty');
  expect(exportsOf('project').map(([name]) => name)).toEqual(['page', 'file']);
  return expect(writeAs('nothing', 'project', { project, assets: new Map() })).rejects.toThrow('nothing');
});
