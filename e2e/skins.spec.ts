import { expect, test, type Desk } from './desk';
import { stateOf } from './rings';

/** Other looks of the whole game: made, worn by a value, kept, and taken into another project. */

/** The colours that Live's picture is filled with. */
const fills = (desk: Desk): Promise<(string | null)[]> =>
  desk.game.evaluate((host) =>
    [...host.shadowRoot!.querySelectorAll('[fill]')].map((node) => node.getAttribute('fill')),
  );
const skins = (desk: Desk) => desk.reading.getByRole('region', { name: 'Skins' });

test('a player turns high contrast on: everything is drawn so, at once, and again after a reload', async ({
  desk,
}) => {
  await desk.playFrom('Options');
  expect(await fills(desk)).not.toContain('#ffe600');
  const { keyboard } = desk.page;
  await keyboard.press('e');
  await keyboard.press('e');
  await expect.poll(() => stateOf(desk, 'High contrast')).toBe('Off');
  for (let n = 0; n < 12 && (await stateOf(desk, 'High contrast')) === 'Off'; n++) {
    await keyboard.press('ArrowDown');
    await keyboard.press('Enter');
    if ((await stateOf(desk, 'High contrast')) === 'On') break;
    await keyboard.press('Enter');
  }
  await expect.poll(() => stateOf(desk, 'High contrast')).toBe('On');
  await expect.poll(() => fills(desk)).toContain('#ffe600');
  await desk.kept();
  await desk.page.reload();
  await desk.playFrom('Title');
  await expect.poll(() => fills(desk)).toContain('#ffe600');
  // Taken off in the window alone, it is the game's own look, with the player's choice as it was.
  await desk.dock.getByRole('combobox', { name: 'Skin of Live' }).selectOption('own look');
  await expect.poll(() => fills(desk)).not.toContain('#ffe600');
});

test('a skin is made: what is changed while it is worn is its own, and can be as before again', async ({
  desk,
}) => {
  const { reading, page } = desk;
  await desk.playFrom('Dawn');
  await page.keyboard.press('Shift+Escape');
  await page.keyboard.press('Escape');
  await desk.readProject();
  await skins(desk).getByRole('button', { name: 'Skin', exact: true }).click();
  await skins(desk).getByRole('textbox', { name: 'Name of the skin' }).fill('Fog');
  await skins(desk).getByRole('textbox', { name: 'Name of the skin' }).press('Enter');
  await reading
    .getByRole('region', { name: 'Colours' })
    .getByRole('button', { name: /^Colour Parchment/ })
    .click();
  const palette = page.getByRole('dialog', { name: /^Colour Parchment/ });
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).fill('#123123');
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).press('Enter');
  await page.keyboard.press('Escape');
  await skins(desk)
    .getByRole('combobox', { name: 'Replace one of the pictures and sounds' })
    .selectOption('Dawn');
  await expect.poll(() => fills(desk)).toContain('#123123');
  const kept = async () => {
    const { skins: all, styles } = await desk.saved();
    return { fog: all?.find(({ name }) => name === 'Fog'), colours: styles.colours };
  };
  const { fog, colours } = await kept();
  expect(fog?.colours).toEqual([{ colour: 'c-parchment', is: '#123123' }]);
  expect(fog?.assets?.[0]?.asset).toBe('a-dawn');
  expect(colours?.find(({ id }) => id === 'c-parchment')?.colour).toBe('#f6ecd6');

  await desk.dock.getByRole('combobox', { name: 'Skin of Live' }).selectOption('own look');
  await expect.poll(() => fills(desk)).not.toContain('#123123');
  for (let n = 0; n < 4; n++) await desk.undo();
  expect((await kept()).fog).toBeUndefined();
});

test('a skin is copied into another project, with what it is worn by', async ({ desk }) => {
  const { page } = desk;
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await skins(desk).getByRole('combobox', { name: 'Worn in Live' }).selectOption('High contrast');
  await skins(desk)
    .getByRole('button', { name: /^Copy High contrast/ })
    .click();
  await expect(page.getByText(/^High contrast copied/).first()).toBeVisible();
  await desk.begin(['Title'], []);
  await desk.unfold('Skins');
  await skins(desk).getByRole('button', { name: 'Paste a skin' }).click();
  await expect(skins(desk).getByRole('textbox', { name: 'Name of the skin' })).toHaveValue('High contrast');
  const { skins: all, values, styles } = await desk.saved();
  expect(all).toHaveLength(1);
  expect(values.map(({ name }) => name)).toContain('high contrast');
  // The styles it speaks of that go by the same name here are those of this project.
  const button = styles.box.filter(({ name }) => name === 'Button');
  expect(button).toHaveLength(1);
  expect(all![0]!.box!.some(({ style }) => style === button[0]!.id)).toBe(true);
});
