import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { applyCommand } from '../edit';
import type { Project } from '../model';
import { namesIn } from '../message';
import { placesOf } from '../references';
import { readProject, writeProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { foundIn, textTable, wordingsOf, type Wanted } from '.';

const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
const wanted = (find: string, put: string, over: Partial<Wanted> = {}): Wanted => ({
  find,
  put,
  language: null,
  exact: false,
  ...over,
});
const replaced = (project: Project, want: Wanted): Project =>
  applyCommand(project, 'replace words', { ...want, keys: foundIn(project, want).map(({ key }) => key) })
    .project;

test('words are replaced in all texts as written, and the translations stay', () => {
  const now = replaced(demo, wanted('harbour', 'port'));
  const texts = wordingsOf(now).map(({ text }) => text);
  expect(texts.some((text) => /harbour/i.test(text.replace(/\{[^}]*\}/g, '')))).toBe(false);
  expect(texts.filter((text) => text.includes('port')).length).toBeGreaterThan(2);
  expect(now.texts).toEqual(demo.texts);
});

test('in a translation only that changes, small and capital letters apart where asked', () => {
  const want = wanted('hafen', 'Kai', { language: 'de' });
  const now = replaced(demo, want);
  expect(wordingsOf(now)).toEqual(wordingsOf(demo));
  expect(textTable(now, 'de').some(({ target }) => target.includes('Kai'))).toBe(true);
  expect(foundIn(demo, { ...want, exact: true }).length).toBeLessThan(foundIn(demo, want).length);
});

test('names in braces and what a choice depends on stay; words within a choice change', () => {
  const message = 'Oil {lamp_oil}, {storm, select, calm {a calm sea} other {oil on the sea}} [wait 0.3 s]now';
  const project = structuredClone(demo);
  const line = project.screens[0]!.elements.find((element) => 'text' in element)!;
  Object.assign(line, { text: message });
  const of = (find: string, put: string) =>
    foundIn(project, wanted(find, put)).find(({ before }) => before === message)?.after;
  expect(of('oil', 'fuel')).toBe(
    'Fuel {lamp_oil}, {storm, select, calm {a calm sea} other {fuel on the sea}} [wait 0.3 s]now',
  );
  expect(of('calm', 'still')).toBe(
    'Oil {lamp_oil}, {storm, select, calm {a still sea} other {oil on the sea}} [wait 0.3 s]now',
  );
  expect(of('wait', 'stay')).toBeUndefined();
  expect(foundIn(project, wanted('now', '{hour}')).find(({ before }) => before === message)!.refused).toBe(
    true,
  );
});

test('a text of which nothing would be left is told and stays', () => {
  const whole = foundIn(demo, wanted('Options', '')).find(({ before }) => before === 'Options');
  expect(whole).toMatchObject({ refused: true });
  expect(wordingsOf(replaced(demo, wanted('Options', '  '))).map(({ key }) => key)).toEqual(
    wordingsOf(demo).map(({ key }) => key),
  );
});

test('any words in any project: names stay, the file stays valid, signs of patterns are letters', () => {
  fc.assert(
    fc.property(
      anyProject,
      fc.constantFrom('e', '.', 'a', '$&', '(', 'Text', '[', '\\'),
      fc.constantFrom('x', '$1', '', '}', 'longer words'),
      fc.boolean(),
      (project, find, put, exact) => {
        const before = new Map(wordingsOf(project).map(({ key, text }) => [key, text]));
        const now = replaced(project, wanted(find, put, { exact }));
        expect('problems' in readProject(writeProject(now))).toBe(
          'problems' in readProject(writeProject(project)),
        );
        for (const { key, text, message } of placesOf(now, { only: ['text'], untranslated: true })) {
          const was = before.get(key);
          if (was === undefined) continue;
          if (message) expect(namesIn(text).sort()).toEqual(namesIn(was).sort());
          if (!was.toLowerCase().includes(find.toLowerCase())) expect(text).toBe(was);
        }
      },
    ),
    { numRuns: 40 },
  );
});
