import { assetsInUse } from '../exchange';
import { findingsOf, findingsOfScreen, findingWords } from '../check';
import { blankProject, type Project } from '../model';
import { buttonOf, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, takeScreens } from '.';
import { putScreens } from './put';

/** Marks and action names in texts stay valid when what they name is renamed, deleted or copied elsewhere. */

const asset = (id: string, name: string) => ({ id, name, media: 'image/png', width: 8, height: 8, bytes: 1 });
const made = (text: string): Project => {
  const blank = blankProject('x');
  return projectOf([screenOf('s', { elements: [buttonOf('a', 0, text)] })], [], {
    styles: { ...blank.styles, colours: [{ id: 'c', name: 'Old brass', colour: '#8a7a40' }] },
    assets: [asset('i', 'Oil can'), asset('j', 'Ship')],
    languages: [
      { code: 'en', name: 'English' },
      { code: 'de', name: 'German' },
    ],
    texts: { de: { 's a': `Auf Deutsch: ${text}` } },
  });
};
const said = ({ screens, texts }: Project): string[] => [
  (screens[0]!.elements[0] as { text: string }).text,
  texts!.de!['s a']!,
];
const TEXT = '[colour Old brass]a[/] [style Body]b[/] [picture oil can] {confirm}';
const after = (name: Parameters<typeof applyCommand>[1], args: object): string[] =>
  said(applyCommand(made(TEXT), name, args as never).project);

test('a colour, style, picture or action is renamed in every text and language', () => {
  const renames: [string[], string, string][] = [
    [
      after('change colour', { colour: 'c', change: { name: 'Gold' } }),
      '[colour Old brass]',
      '[colour Gold]',
    ],
    [
      after('change text style', { style: 't-body', change: { name: 'Small [print]' } }),
      '[style Body]',
      '[style Small print]',
    ],
    [after('change asset', { asset: 'i', change: { name: 'Can' } }), '[picture oil can]', '[picture Can]'],
    [after('change action', { action: 'confirm', change: { name: 'take it' } }), '{confirm}', '{take_it}'],
  ];
  for (const [now, from, to] of renames)
    expect(now).toEqual([TEXT.replace(from, to), `Auf Deutsch: ${TEXT.replace(from, to)}`]);
  // Other changes leave texts as they are.
  expect(after('change colour', { colour: 'c', change: { colour: '#000000' } })[0]).toBe(TEXT);
});

test('what a sentence tells a screen is rewritten within its quotes', () => {
  const asked = screenOf('t', { layer: 'overlay', parameters: [{ id: 'q', name: 'q', type: 'text' }] });
  const project = made(TEXT);
  const told = link('s', press('a'), 'open', 't', {
    id: 'l',
    args: { q: '"Say \\"[colour Old brass]now[/]\\""' },
  });
  const { project: now } = applyCommand(
    { ...project, screens: [...project.screens, asked], links: [told] },
    'change colour',
    { colour: 'c', change: { name: 'Gold' } },
  );
  expect(now.links[0]!.args).toEqual({ q: '"Say \\"[colour Gold]now[/]\\""' });
});

test('words in a colour that goes keep it; a picture or style that goes is told of', () => {
  expect(after('delete colour', { colour: 'c' })[0]).toContain('[colour #8a7a40]a[/]');
  const tells = (name: Parameters<typeof applyCommand>[1], args: object): string => {
    const { project } = applyCommand(made(TEXT), name, args as never);
    return [...findingsOf(project), ...findingsOfScreen(project, project.screens[0]!)]
      .map(findingWords)
      .join();
  };
  expect(tells('delete assets', { assets: ['i'] })).toMatch(/the picture “oil can”, and there is none/);
  expect(tells('delete text style', { style: 't-body' })).toMatch(/the text style “Body”, and there is none/);
});

test('a screen that is taken elsewhere brings along what its texts show', () => {
  const project = made(TEXT);
  const taken = takeScreens(project, ['s']);
  expect(taken.assets.map(({ id }) => id)).toEqual(['i']);
  expect(taken.styles.colours!.map(({ id }) => id)).toEqual(['c']);
  expect(taken.styles.text.map(({ id }) => id)).toContain('t-body');
  expect(taken.actions.map(({ id }) => id)).toContain('confirm');
  const empty = structuredClone(projectOf([], []));
  putScreens(empty, taken);
  expect(empty.assets.map(({ name }) => name)).toEqual(['Oil can']);
});

test('fonts of one family go where one of them goes: into pages and into other projects', () => {
  const face = {
    family: 'Mono',
    unitsPerEm: 1000,
    ascender: 800,
    descender: -200,
    advances: {},
    kerning: {},
  };
  const font = (id: string, more = {}) => ({
    ...asset(id, id),
    media: 'font/woff',
    face: { ...face, ...more },
  });
  const project = made('a');
  project.assets.push(font('light'), font('heavy', { weight: 700 }), font('other', { family: 'Other' }));
  Object.assign(project.screens[0]!.elements[0]!, { look: { style: 't-body', font: 'light' } });
  expect([...assetsInUse(project)].sort()).toEqual(['heavy', 'light']);
  expect(takeScreens(project, ['s']).assets.map(({ id }) => id)).toEqual(['light', 'heavy']);
});

test('a picture among words is exported with the page, and one that nothing shows is not', () => {
  expect([...assetsInUse(made(TEXT))]).toEqual(['i']);
});
