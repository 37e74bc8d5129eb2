import fc from 'fast-check';
import { carryOut } from '../edit';
import type { Project } from '../model';
import { readProject, writeProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { buttonOf, projectOf, screenOf } from '../test/flows';
import { inLanguage, inStretched, stretched, wordingsOf } from '.';

const project: Project = projectOf(
  [
    screenOf('s', {
      elements: [
        buttonOf('a', 0, 'Back'),
        {
          id: 'row',
          name: 'Row',
          type: 'component',
          component: 'k',
          parent: null,
          place: buttonOf('row', 100).place,
          args: { label: 'Sea', face: 'a-ines' },
        },
      ],
    }),
    screenOf('plain', { elements: [] }),
  ],
  [],
  {
    components: [
      {
        id: 'k',
        name: 'Row',
        width: 100,
        height: 40,
        parameters: [
          { id: 'label', name: 'label', type: 'text', default: 'Option' },
          { id: 'face', name: 'face', type: 'picture', default: '' },
        ],
        elements: [buttonOf('in', 0, '{label}')],
      },
    ],
    values: [
      { id: 'sub', name: 'sub', section: 'A', life: 'settings', type: 'on/off', default: false },
      {
        id: 'storm',
        name: 'storm',
        section: 'A',
        life: 'session',
        type: 'choice',
        options: [{ id: 'calm', label: 'Calm' }],
        default: 'calm',
      },
    ],
  },
);
const translated = [
  ['s a', 'Zurück'],
  ['s row label', 'Meer'],
  ['sub on', 'An'],
  ['storm calm', 'Ruhig'],
].reduce<Project>(
  (now, [key, text]) => carryOut(now, 'translate', { language: 'de', key: key!, text: text! }).project,
  carryOut(project, 'add language', { code: 'de', name: 'German' }).project,
);

test('every text a player reads has a key; ids of pictures are no texts', () => {
  expect(wordingsOf(project).map(({ key, text }) => [key, text])).toEqual([
    ['s a', 'Back'],
    ['s row label', 'Sea'],
    ['k label', 'Option'],
    ['k in', '{label}'],
    ['sub on', 'On'],
    ['sub off', 'Off'],
    ['storm calm', 'Calm'],
  ]);
});

test('in another language what is translated is said so, and the rest as it is written; nothing else changes', () => {
  const german = inLanguage(translated, 'de');
  expect(wordingsOf(german).map((each) => each.text)).toEqual([
    'Zurück',
    'Meer',
    'Option',
    '{label}',
    'An',
    'Off',
    'Ruhig',
  ]);
  expect(german.screens[1]).toBe(translated.screens[1]);
  expect(inLanguage(translated, 'de')).toBe(german);
  expect(inLanguage(translated, 'fi').screens[0]).toBe(translated.screens[0]);
});

test('a text that is emptied is not translated; a language goes with all its texts, but not the one texts are written in', () => {
  const less = carryOut(translated, 'translate', { language: 'de', key: 's a', text: '' }).project;
  expect(wordingsOf(inLanguage(less, 'de'))[0]!.text).toBe('Back');
  const none = carryOut(translated, 'delete language', { code: 'de' }).project;
  expect([none.languages, none.texts]).toEqual([[{ code: 'en', name: 'English' }], {}]);
  expect(carryOut(translated, 'delete language', { code: 'en' }).project.languages).toHaveLength(2);
});

test('stretched, a text is two fifths longer and keeps its names', () => {
  fc.assert(
    fc.property(fc.string({ minLength: 1, maxLength: 60 }), (text) => {
      fc.pre(!/[{}\n]/.test(text) && text.trim() !== '');
      const length = [...stretched(text)].length;
      expect(length).toBe([...text].length + Math.ceil([...text].length * 0.4));
    }),
  );
  expect(stretched('[slow]Oil[wait 0.2 s]')).toMatch(/^\[slow\]Óíl\[wait 0\.2 s\]/);
  expect(stretched('Oil {oil} left')).toMatch(/^Óíl \{oil\} léft/);
  expect(
    wordingsOf(inStretched(project)).every(
      ({ text }, i) => text.length > wordingsOf(project)[i]!.text.length || text.includes('{'),
    ),
  ).toBe(true);
});

test('languages and texts are written to a file and read again as they were', () => {
  expect(readProject(writeProject(translated))).toEqual({ project: translated });
});

test('the same words in a language leave any project as it is', () => {
  fc.assert(
    fc.property(anyProject, (any) => {
      const texts = Object.fromEntries(wordingsOf(any).map(({ key, text }) => [key, text]));
      const same = inLanguage({ ...any, texts: { de: texts } }, 'de');
      expect(same.screens).toEqual(any.screens);
      expect(same.values).toEqual(any.values);
    }),
    { numRuns: 60 },
  );
});
