import fc from 'fast-check';
import { applyCommand } from '../edit';
import type { Project } from '../model';
import { readProject, writeProject } from '../schema';
import { anyProject } from '../test/arbitrary';
import { buttonOf, link, Play, press, projectOf, screenOf } from '../test/flows';
import { inLanguage, inStretched, stretched, textTable, wordingsOf } from '.';

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
  (now, [key, text]) => applyCommand(now, 'translate', { language: 'de', key: key!, text: text! }).project,
  applyCommand(project, 'add language', { code: 'de', name: 'German' }).project,
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
  expect(wordingsOf(german).map((wording) => wording.text)).toEqual([
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
  const less = applyCommand(translated, 'translate', { language: 'de', key: 's a', text: '' }).project;
  expect(wordingsOf(inLanguage(less, 'de'))[0]!.text).toBe('Back');
  const none = applyCommand(translated, 'delete language', { code: 'de' }).project;
  expect([none.languages, none.texts]).toEqual([[{ code: 'en', name: 'English' }], {}]);
  expect(applyCommand(translated, 'delete language', { code: 'en' }).project.languages).toHaveLength(2);
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

test('what screens and messages are told in words is said in a language too; what is put together from names is not', () => {
  const text = (id: string) => ({ id, name: id, type: 'text' as const });
  const told = projectOf(
    [
      screenOf('s', {}, ['a']),
      screenOf('ask', { layer: 'overlay', parameters: [text('q'), { ...text('r'), default: 'Sure?' }] }),
      screenOf('n', { layer: 'notice', parameters: [text('t')] }),
    ],
    [
      link('s', press('a'), 'open', 'ask', {
        id: 'l',
        args: { q: '"Put the \\"lamp\\" out?"', r: 'name + "!"' },
        effects: [
          { do: 'notice', screen: 'n', args: { t: '"Out"' } },
          { do: 'notice', screen: 'n', args: { t: "'Dark'" } },
        ],
      }),
    ],
    { values: [{ id: 'v', name: 'name', section: 'A', life: 'session', type: 'text', default: '' }] },
  );
  const words = wordingsOf(told).filter(({ key }) => !key.startsWith('s '));
  expect(words.map(({ key, text, owner }) => [key, text, owner])).toEqual([
    ['ask r', 'Sure?', 'ask'],
    ['l q', 'Put the "lamp" out?', 's'],
    ['l n t', 'Out', 's'],
    ['l n 2 t', 'Dark', 's'],
  ]);
  expect(textTable(told, 'de').find(({ key }) => key === 'l q')!.place).toBe('s · what ask is told');
  const german = inLanguage(
    { ...told, texts: { de: { 'l q': 'Lampe "aus"?', 'l n 2 t': 'Dunkel', 'ask r': 'Sicher?' } } },
    'de',
  );
  expect(german.links[0]!.args).toEqual({ q: '"Lampe \\"aus\\"?"', r: 'name + "!"' });
  expect(german.links[0]!.effects).toEqual([
    { do: 'notice', screen: 'n', args: { t: '"Out"' } },
    { do: 'notice', screen: 'n', args: { t: '"Dunkel"' } },
  ]);
  expect(german.screens[1]!.parameters![1]).toMatchObject({ default: 'Sicher?' });
  expect(inLanguage(told, 'de').links[0]).toBe(told.links[0]);
  const play = new Play(german).wait(10).key('Enter').wait(10);
  expect(play.state.overlays[0]!.args).toMatchObject({ q: 'Lampe "aus"?', r: '!' });
});
