import { documents, pieces, tables, xliffs, zips } from '../packages/core/src/test/hostile';
import { expect, test, type Desk } from './desk';
import { lines, openLines, part } from './talk';

/** Every file that is meant to do harm, through the pickers: each is refused in words, and nothing of the open project is lost. */

type Picked = { name: string; mimeType: string; buffer: Buffer };
const named = (list: readonly [string, string | Uint8Array][], ending: string, mimeType: string): Picked[] =>
  list.map(([what, held], i) => ({
    name: `${i} ${what.replace(/[^a-z ]/g, '')}.${ending}`,
    mimeType,
    buffer: Buffer.from(held),
  }));

async function expectUntouched(desk: Desk): Promise<void> {
  await desk.page.keyboard.press('Escape');
  await expect(desk.page.getByTitle('Projects')).toHaveText('Saltwick Light');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await expect(desk.card('Title')).toBeVisible();
  await desk.kept();
  expect(await desk.page.evaluate(() => 'polluted' in {})).toBe(false);
}

for (const [what, files] of [
  ['documents', named(documents, 'json', 'application/json')],
  ['bundles', named(zips, 'zip', 'application/zip')],
] as const)
  test(`hostile ${what} are refused in words`, async ({ desk }) => {
    await desk.page.getByTitle('Projects').click();
    for (const file of files) {
      await desk.page.getByLabel('Project file').setInputFiles(file);
      const alert = desk.page.getByRole('alert').filter({ hasText: file.name });
      await expect(alert).toContainText('was not opened. Nothing has changed.');
      await expect(alert.getByRole('listitem').first()).toContainText(/\S: .{10,}/);
    }
    await expectUntouched(desk);
  });

test('hostile pictures, sounds and fonts are refused in words, each by itself', async ({ desk }) => {
  const svg = (name: string, inner: string): Picked => ({
    name,
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg">${inner}</svg>`),
  });
  const files = [
    ...pieces.flatMap(([what, media, held]) => named([[what, held]], media.split(/[/+]/)[1]!, media)),
    svg('script.svg', '<s:script xmlns:s="http://www.w3.org/2000/svg">x()</s:script>'),
    svg('piece.svg', '<foreignObject><b xmlns="http://www.w3.org/1999/xhtml"/></foreignObject>'),
    svg('import.svg', '<style>@import "http://elsewhere.example/a.css";</style>'),
    svg('fetch.svg', '<rect style="fill:url(http://elsewhere.example/#a)"/>'),
    svg('coded.svg', '<image href="&#104;ttp://elsewhere.example/a.png"/>'),
    svg(
      'many.svg',
      `<g id="l0"><rect/></g>${Array.from({ length: 9 }, (_, i) => `<g id="l${i + 1}">${`<use href="#l${i}"/>`.repeat(10)}</g>`).join('')}`,
    ),
    { name: 'junk.mp3', mimeType: 'audio/mpeg', buffer: Buffer.from('ID3junkjunkjunkjunkjunk') },
  ].map((file, i) => ({ ...file, name: `${i} ${file.name}` }));
  await desk.bringIn(files);
  const refused = desk.page.getByRole('region', { name: 'Assets' });
  // A drawing that says it is a sound is taken for what it is.
  const drawing = files.find(({ name }) => name.includes('a sound that is a picture'))!;
  for (const { name } of files.filter((file) => file !== drawing))
    await expect(refused.getByRole('listitem').filter({ hasText: name })).toContainText(/: .{10,}/);
  const taken = refused.getByRole('textbox', { name: `Name of ${drawing.name.replace('.wav', '')}` });
  await expect(taken).toBeVisible();
  await expectUntouched(desk);
});

test('hostile files of translators are refused in words', async ({ desk }) => {
  await openLines(desk);
  await part(desk, 'Texts');
  const files = [...named(xliffs, 'xlf', 'text/xml'), ...named(tables, 'csv', 'text/csv')];
  for (const file of files) {
    await lines(desk).getByLabel('A translator’s file').setInputFiles(file);
    await expect(desk.word(`${file.name} cannot be read: `)).toContainText(/read: .{10,}/);
  }
  await expectUntouched(desk);
});
