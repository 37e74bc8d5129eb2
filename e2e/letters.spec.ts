import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { pngOf } from '../packages/core/src/test/layered';
import { expect, test, type Desk } from './desk';

/** Letters from families of fonts and from pictures, and what is exported with them. */

const FILES = 'node_modules/@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-';
const font = (name: string) => ({
  name: `mono-${name}.woff`,
  mimeType: 'font/woff',
  buffer: readFileSync(`${FILES}${name}.woff`),
});
const line = async (desk: Desk): Promise<void> => {
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('Dawn');
  await desk.reading.getByRole('region', { name: 'Elements' }).getByRole('button', { name: /^Line/ }).click();
};
const typography = (desk: Desk) => desk.reading.getByRole('region', { name: 'Typography' });
const words = (desk: Desk) => desk.reading.getByRole('textbox', { name: 'Text', exact: true });
/** What each word in Live is drawn with, by the name of the asset. */
const fonts = async (desk: Desk): Promise<Record<string, string>> => {
  const { assets } = await desk.saved();
  const drawn = await desk.game.evaluate((host) =>
    [...host.shadowRoot!.querySelectorAll('text')].map((node) => [
      node.textContent!.trim(),
      node.closest('[font-family]')!.getAttribute('font-family')!,
    ]),
  );
  return Object.fromEntries(
    drawn.map(([said, family]) => [said!, assets.find(({ id }) => family!.includes(id))?.name ?? family!]),
  );
};

test('fonts of one family are chosen as one; bold and italic words are in their own faces, in Live and in the page', async ({
  desk,
}) => {
  await desk.bringIn([font('400-normal'), font('700-normal'), font('400-italic')]);
  await expect(desk.page.getByText('3 files brought in.').first()).toBeVisible();
  await line(desk);
  const choice = typography(desk).getByRole('combobox', { name: 'Font' });
  await expect(choice.locator('option')).toHaveText(['Plain', 'Display', 'Atkinson Hyperlegible Mono']);
  await choice.selectOption('Atkinson Hyperlegible Mono');
  await words(desk).fill('All [bold]boats[/] are [italic]in[/]');
  const mono = { All: 'mono-400-normal', boats: 'mono-700-normal', in: 'mono-400-italic' };
  await expect.poll(() => fonts(desk)).toMatchObject(mono);
  await typography(desk).getByRole('combobox', { name: 'Weight' }).selectOption('bold');
  await expect.poll(() => fonts(desk)).toMatchObject({ All: 'mono-700-normal' });
  await desk.undo();
  const { bytes } = await desk.exportAs(/One page that plays/);
  const path = join(mkdtempSync(join(tmpdir(), 'tavu-letters-')), 'page.html');
  writeFileSync(path, bytes);
  const page = await desk.page.context().newPage();
  await page.goto(pathToFileURL(path).href);
  const { assets } = await desk.saved();
  const ids = Object.values(mono).map((name) => assets.find((asset) => asset.name === name)!.id);
  const loaded = () =>
    page.evaluate(() => [...document.fonts].map(({ family, status }) => `${family} ${status}`).join());
  for (const id of ids) await expect.poll(loaded).toMatch(new RegExp(`${id}\\S* loaded`));
});

test('a picture that is cut into frames is a font once it is told what its frames are', async ({ desk }) => {
  const { page } = desk;
  await desk.bringIn([
    { name: 'figures.png', mimeType: 'image/png', buffer: Buffer.from(pngOf(100, 20, [240, 200, 60, 255])) },
  ]);
  await page.getByRole('button', { name: 'frames of figures' }).click();
  const cut = page.getByRole('group', { name: 'Frames of figures' });
  await cut.getByRole('combobox', { name: 'Cut into' }).selectOption('columns and rows');
  await cut.getByRole('textbox', { name: 'Columns' }).fill('10');
  await cut.getByRole('textbox', { name: 'Columns' }).press('Enter');
  await cut.getByRole('textbox', { name: /^Characters/ }).fill('0123456789');
  await cut.getByRole('textbox', { name: /^Characters/ }).press('Enter');
  await page.keyboard.press('Escape');
  await line(desk);
  await typography(desk).getByRole('combobox', { name: 'Font' }).selectOption('figures');
  await words(desk).fill('1 04');
  await expect.poll(() => desk.words()).not.toContain('1 04');
  // Each figure is its own part of the picture; the space is none.
  const parts = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('svg[viewBox$=" 0 10 20"]')].map((node) =>
        node.getAttribute('viewBox'),
      ),
    );
  await expect.poll(parts).toEqual(['10 0 10 20', '0 0 10 20', '40 0 10 20']);
});
