import type { FieldType } from '@tavu/core/model';
import { projectFromNames } from '@tavu/core/starter';
import { applyCommand } from '@tavu/core/edit';
import { newType, readNumber, readOptions, readText, readValueName } from '../../fields/scalars';
import { nameOfUse, usesOf } from './uses';

/** What is typed into the blanks of values, and where values are used. */

test.each([
  ['4', {}, { ok: 4 }],
  [' 4,5 ', {}, { ok: 4.5 }],
  ['-3', { min: 0 }, { error: 'It can be 0 at least.' }],
  ['300', { max: 100 }, { error: 'It can be 100 at most.' }],
  ['many', {}, { error: 'Write a number.' }],
  ['', {}, { error: 'Write a number.' }],
  ['Infinity', {}, { error: 'Write a number.' }],
  ['1e30', {}, { error: 'It can be a thousand million at most.' }],
])('the number %j', (text, range, read) => expect(readNumber(text, range)).toEqual(read));

test('a text too long to keep is refused with its length', () => {
  expect(readText('x'.repeat(2000))).toEqual({ ok: 'x'.repeat(2000) });
  expect(readText('x'.repeat(10_000))).toEqual({ error: 'A text can have 2000 characters; this has 10000.' });
});

describe('the options of a choice', () => {
  const before = [
    { id: 'calm', label: 'Calm' },
    { id: 'gale', label: 'Gale' },
  ];
  const ids = (text: string) => {
    const read = readOptions(text, before);
    return 'ok' in read ? read.ok.map((option) => option.id) : read.error;
  };

  test('keep what conditions call them, moved or with another label', () => {
    expect(ids('Gale, Calm')).toEqual(['gale', 'calm']);
    expect(ids('Calm, Full gale')).toEqual(['calm', 'gale']);
    expect(ids('Calm, Fresh breeze, Gale')).toEqual(['calm', 'fresh_breeze', 'gale']);
  });

  test.each([
    ['Calm', /at least two/],
    ['Calm,, Gale', /nothing between two commas/],
    ['Calm, calm', /there twice/],
    ['', /nothing between two commas/],
    [Array.from({ length: 101 }, (_, i) => `o${i}`).join(), /100 options/],
    [`Calm, ${'x'.repeat(100)}`, /80 characters/],
  ])('%j is refused', (text, words) => expect(ids(text)).toMatch(words));
});

test('a name is refused that conditions could not tell from another', () => {
  const others = [{ name: 'lamp oil' }];
  expect(readValueName('Lamp', others)).toEqual({ ok: 'Lamp' });
  expect(readValueName('lamp_oil', others)).toEqual({
    error: 'In conditions it would be called lamp_oil, like “lamp oil”.',
  });
  expect(readValueName('LAMP OIL', others)).toMatchObject({ error: expect.stringContaining('in use') });
  expect(readValueName('  ', others)).toHaveProperty('error');
});

test('every type can be made anew', () => {
  for (const type of ['on/off', 'number', 'choice', 'text', 'picture'] as FieldType['type'][])
    expect(newType(type).type).toBe(type);
});

test('who sets and who reads a value, and who hears an event, is found wherever it is named', () => {
  let project = projectFromNames('My game', ['Title', 'Play', 'Pause']);
  const id = (name: string) => project.screens.find((screen) => screen.name === name)!.id;
  const add = <T>(carried: { project: typeof project; made: T }) => {
    project = carried.project;
    return carried.made!;
  };
  const oil = add(applyCommand(project, 'add value', { type: 'number', name: 'lamp oil' }));
  const found = add(applyCommand(project, 'add event', { name: 'found', direction: 'in' }));
  const lamp = add(applyCommand(project, 'add event', { name: 'lamp', direction: 'out' }));
  const link = add(
    applyCommand(project, 'add link', {
      from: id('Play'),
      trigger: { on: 'event', event: found! },
      when: 'lamp_oil < 5',
      kind: 'stay',
      effects: [
        { do: 'set', value: oil!, to: 'lamp_oil + 1' },
        { do: 'send', event: lamp! },
      ],
    }),
  );
  const wide = add(
    applyCommand(project, 'add link', {
      from: 'project',
      trigger: { on: 'value', when: 'lamp_oil <= 0' },
      kind: 'end',
      effects: [],
    }),
  );
  const [element] = project.screens.find((screen) => screen.id === id('Title'))!.elements;
  add(
    applyCommand(project, 'change element', {
      screen: id('Title'),
      element: element!.id,
      change: { text: 'Oil {lamp_oil}' },
    }),
  );
  const uses = usesOf(project);
  expect(uses.get(oil!)).toEqual({
    sets: [{ link, screen: id('Play') }],
    reads: [
      { link: null, screen: id('Title') },
      { link, screen: id('Play') },
      { link: wide, screen: 'project' },
    ],
  });
  expect(uses.get(found!)!.reads).toEqual([{ link, screen: id('Play') }]);
  expect(uses.get(lamp!)!.sets).toEqual([{ link, screen: id('Play') }]);
  expect(uses.get(oil!)!.reads.map((use) => nameOfUse(project, use))).toEqual([
    'Title',
    'Play',
    'everywhere',
  ]);
});
