import { zipSync, strToU8 } from 'fflate';
import fc from 'fast-check';
import { knowMessages, messagesReadBy, type ReadMessages } from '../message';
import { withChanges, type Project, type Replacement } from '../model';
import { play } from '../test/any-runs';
import { anyInputs, anyProject } from '../test/arbitrary';
import { lighthouse } from '../test/flows';
import { dataUrl, saveProject } from '.';
import { openProject } from './bundle';
import { playablePage } from './page';

interface PageData {
  project: Project;
  languages: Record<string, Replacement[]>;
  messages: ReadMessages;
}

const asset = { id: 'a-1', name: 'Lamp', media: 'image/svg+xml', width: 10, height: 10, bytes: 3 };

test('saved without assets it is JSON; with them a zip; either opens as it was', async () => {
  await fc.assert(
    fc.asyncProperty(anyProject, fc.boolean(), async (project, pictured) => {
      const whole = { ...project, assets: pictured ? [asset] : [] };
      const assets = new Map(pictured ? [['a-1', strToU8('<svg/>')]] : []);
      const { bytes, ending } = await saveProject(whole, assets);
      expect(ending).toBe(pictured ? 'tavu.zip' : 'tavu.json');
      expect(await openProject(bytes)).toEqual({ project: whole, assets, left: [] });
    }),
    { numRuns: 25 },
  );
});

test.each([
  ['damaged', new Uint8Array([0x50, 0x4b, 3, 4, 9, 9, 9]), 'damaged zip'],
  ['without a project', zipSync({ 'readme.txt': strToU8('hi') }), 'no project.json'],
  [
    'with too many files',
    zipSync(Object.fromEntries(Array.from({ length: 4100 }, (_, i) => [`f${i}`, new Uint8Array(0)]))),
    'too many files',
  ],
  [
    'that unpacks to too much',
    zipSync({ 'project.json': new Uint8Array(210_000_000) }, { level: 1 }),
    'unpacks too large',
  ],
])('a zip %s is refused with words', async (_, bytes, code) => {
  const opened = await openProject(bytes);
  expect(opened).toMatchObject({
    problems: [{ place: 'the zip file', code }],
  });
});

test('a data address is base64 as the rest of the world writes it', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 50 }), (bytes) =>
      expect(dataUrl('a/b', bytes)).toBe(`data:a/b;base64,${Buffer.from(bytes).toString('base64')}`),
    ),
  );
});

test('a page looks like what it begins with until the first picture is there', () => {
  const project = lighthouse();
  project.screens.find((screen) => screen.id === project.start)!.background = { colour: '#a1b2c3d4' };
  const page = playablePage(project, new Map(), { player: '', fonts: {}, notices: '' });
  expect(page).toContain('#cover{position:fixed;inset:0;background:#a1b2c3}');
  expect(page).toContain('<div id="cover"></div>');
});

test('a page holds everything, and no text of the project can break out of it', () => {
  const project = lighthouse();
  project.name = '</script><script>alert(1)</script> & "co"';
  project.screens[0]!.name = '</script><img src=x onerror=alert(1)>';
  const whole = playablePage(project, new Map(), {
    player: 'var TavuPlayer = "</script>"',
    fonts: {},
    notices: 'by others --> --!> <script>alert(1)</script>',
  });
  // A comment ends at the first of these marks, so that what stands in it is all that is left out here.
  const page = whole.replace(/<!--[^]*?--!?>/, '');
  expect(whole).toContain('by others');
  expect(page.match(/<script/g)).toHaveLength(3);
  expect(page.match(/<\/script>/g)).toHaveLength(3);
  expect(page).not.toContain('<img');
  expect(page).toContain("default-src 'none'");
  const data = /id="data">(.*)<\/script>/.exec(page)![1]!;
  expect((JSON.parse(data) as { project: unknown }).project).toEqual(project);
});

test('what only makers read is left out of a page, and it plays the same without', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const page = playablePage(project, new Map(), { player: '', fonts: {}, notices: '' });
      const data = /id="data">(.*)<\/script>/.exec(page)![1]!;
      expect(data).not.toMatch(/"(notes|status|editing)":/);
      const { project: taken } = JSON.parse(data) as { project: Project };
      expect(play(taken, inputs).state).toEqual(play(project, inputs).state);
    }),
    { numRuns: 60 },
  );
});

test('a page carries every message it says, in each language, read already', () => {
  let met = 0;
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      knowMessages({});
      const page = playablePage(project, new Map(), { player: '', fonts: {}, notices: '' });
      const data = /id="data">(.*)<\/script>/.exec(page)![1]!;
      const { project: taken, languages, messages } = JSON.parse(data) as PageData;
      met += Object.keys(messages).length;
      knowMessages(messages);
      const readStill = messagesReadBy(() => {
        for (const changes of [[], ...Object.values(languages)]) play(withChanges(taken, changes), inputs);
      });
      expect(readStill).toEqual({});
    }),
    { numRuns: 60 },
  );
  knowMessages({});
  expect(met).toBeGreaterThan(0);
});

test('what is in a bundle and is not what it says it is is left out, with words; the rest is opened', async () => {
  const assets = [
    { ...asset, id: 'a', name: 'Drawing' },
    { ...asset, id: 'b', name: 'Cut', media: 'image/png' },
    { ...asset, id: 'c', name: 'Junk', media: 'audio/wav' },
    { ...asset, id: 'd', name: 'Other', media: 'audio/mpeg' },
    { ...asset, id: 'e', name: 'Fine' },
  ];
  const { bytes } = await saveProject(
    { ...lighthouse(), assets },
    new Map([
      ['a', strToU8('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>')],
      ['b', Uint8Array.from('\x89PNG\r\n\x1a\n\0\0\0\rIHDR', (char) => char.charCodeAt(0))],
      ['c', strToU8('RIFF????WAVEjunk')],
      ['d', strToU8('hello')],
      ['e', strToU8('<svg/>')],
    ]),
  );
  const opened = await openProject(bytes);
  if ('problems' in opened) throw new Error('It was refused.');
  expect(opened.left.map((item) => item.name)).toEqual(['Drawing', 'Cut', 'Junk', 'Other']);
  expect([...opened.assets.keys()]).toEqual(['e']);
  expect(opened.project.assets).toHaveLength(5);
});
