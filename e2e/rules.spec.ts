import { readFile } from 'node:fs/promises';
import { expect, test } from './desk';

/** The settings of areas, messages, saved games and the map that a designer sets once and relies on. */

test('an area within an area freezes the clock of its screen, and the outer one’s HUD pieces stay', async ({
  desk,
}) => {
  await desk.choose('The watch');
  await desk.reading.getByRole('combobox', { name: 'Area' }).selectOption('new area …');
  await desk.reading.getByRole('combobox', { name: 'Parent' }).selectOption('On watch');
  await desk.reading.getByRole('combobox', { name: 'Game clock' }).selectOption('frozen');
  await expect(desk.map.getByRole('button', { name: 'Area On watch' })).toBeVisible();
  await desk.playFrom('The watch');
  expect(await desk.clock('Game clock')).toBe(0);
  await expect(desk.card('Oil gauge')).toHaveAccessibleName(/up now/);
});

test('Continue goes on only where a night has been kept', async ({ desk }) => {
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await desk.page.keyboard.press(key);
      await desk.settled();
    }
  };
  await desk.playFrom('Title');
  await press('ArrowDown', 'Enter');
  await expect(desk.log).toContainText('Nothing kept shows');
  await desk.playFrom('The watch');
  await press('Escape', 'ArrowDown', 'ArrowDown', 'Enter', 'Enter');
  await expect(desk.log).toContainText('Saved in slot 1');
  await desk.playFrom('Title');
  await press('ArrowDown', 'Enter');
  await desk.expectUp('The watch');
  await expect(desk.log).toContainText('Slot 1 loaded');
  // What was kept can be forgotten.
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByRole('button', { name: 'Clear saves and settings' }).click();
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Title');
  await press('ArrowDown', 'Enter');
  await expect(desk.log).toContainText('Nothing kept shows');
  await expect(desk.log).not.toContainText('Slot 1 loaded');
});

test('content that has finished leads on, and ticks count as the project says', async ({ desk }) => {
  await desk.choose('Credits');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('finished');
  await desk.page.getByRole('option', { name: /has finished/ }).click();
  await desk.fill(desk.sentence(/^When what is on it has finished/), 'Somewhere', 'Title', 'Title');
  await desk.playFrom('Credits');
  await desk.dock.getByRole('button', { name: 'Credits has finished' }).click();
  await desk.expectUp('Title');

  await desk.choose('Warning');
  const timed = desk.sentence(/^After 4.5 s/);
  await timed.getByRole('button', { name: '4.5 s', exact: true }).click();
  const time = desk.page.getByRole('textbox', { name: /^How long/ });
  await time.fill('90 ticks');
  await time.press('Enter');
  await expect(desk.sentence(/^After 90 ticks/)).toBeVisible();
  await desk.speed('8×');
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  await expect(desk.log.getByRole('button', { name: /Loading is up/ })).toContainText('4.500');
});

test('values are set back from a sentence', async ({ desk }) => {
  await desk.choose('Title');
  const credits = desk.sentence(/^When Credits is pressed/);
  await credits.click({ position: { x: 4, y: 8 } });
  await credits.getByRole('button', { name: 'Also show or say something' }).click();
  await desk.typing.fill('every value');
  await desk.page.getByRole('option', { name: 'Every value', exact: true }).click();
  await expect(credits).toHaveAccessibleName(/reset every value/);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByLabel('lamp oil now').fill('15');
  await desk.page.getByLabel('lamp oil now').press('Enter');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Title');
  for (let n = 0; n < 3; n++) await desk.page.keyboard.press('ArrowDown');
  await desk.page.keyboard.press('Enter');
  await expect(desk.log).toContainText('lamp oil is 62 %');
});

test('several screens get one motion and are duplicated; a card moves in its row', async ({ desk }) => {
  await desk.choose('Dawn');
  await desk.choose('Credits', ['Shift']);
  await desk.reading
    .getByRole('region', { name: 'Motion of all of them' })
    .getByRole('radio', { name: 'None' })
    .click();
  await expect(desk.reading.getByText('A motion of its own.')).toBeVisible();
  await desk.reading.getByRole('button', { name: 'Duplicate' }).click();
  await expect(desk.card('Dawn 2')).toHaveCount(1);
  await expect(desk.card('Credits 2')).toHaveCount(1);

  const left = async (name: string) => (await desk.card(name).boundingBox())!.x;
  await desk.card('Options').focus();
  expect(await left('Options')).toBeLessThan(await left('Confirm'));
  await desk.page.keyboard.press('Alt+ArrowRight');
  await expect.poll(async () => (await left('Options')) > (await left('Confirm'))).toBe(true);

  await desk.map.getByRole('button', { name: 'Look at some only' }).click();
  await desk.page.getByRole('combobox', { name: 'Only this layer' }).selectOption('Notice');
  const faint = (name: string) =>
    desk.card(name).evaluate((item) => getComputedStyle(item.closest('[data-card]')!).opacity);
  await expect.poll(() => faint('Options')).toBe('0.25');
  expect(await faint('Oil found')).toBe('1');
});

test('an area has a motion and music of its own, which stop where it ends', async ({ desk }) => {
  await desk.listen();
  await desk.open();
  const music = async () => (await desk.music()).map((item) => item.address);
  await desk.playFrom('The watch');
  await expect.poll(async () => (await music()).length).toBe(1);
  const surf = (await music())[0];

  await desk.map.getByRole('button', { name: 'Area On watch' }).click();
  await desk.reading.getByRole('combobox', { name: 'Music' }).selectOption('Bell');
  await desk.takeInHand();
  await expect.poll(async () => (await music()).length).toBe(1);
  expect((await music())[0]).not.toBe(surf);

  await desk.reading.getByRole('button', { name: 'a 280 ms slide from the right' }).click();
  const own = desk.page.getByRole('dialog', { name: 'Motion of this area' });
  await own.getByRole('radio', { name: 'Slide' }).click();
  await own.getByRole('radio', { name: 'From the bottom' }).click();
  await own.getByRole('textbox', { name: 'Duration' }).fill('4 s');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  await expect(desk.reading.getByRole('button', { name: '4 s slide from the bottom' })).toBeVisible();
  await desk.choose('Title');
  await expect(
    desk.sentence(/^When Begin the watch is pressed/).getByRole('button', { name: 'On watch’s motion' }),
  ).toBeVisible();

  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.playFrom('Title');
  // The title has a tune of its own, and the area’s music has given way to it.
  await expect.poll(async () => (await music()).length).toBe(1);
  expect([surf]).not.toContain((await music())[0]);
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch');
  // The title goes by the default motion first; the watch then comes by its area’s, and masks the key until it stands still.
  await desk.runFor(10);
  await desk.page.keyboard.press('t');
  await expect(desk.log).toContainText('Press ignored: still moving');
  await desk.runFor(40);
  await desk.page.keyboard.press('t');
  await desk.expectUp('The watch', 'Tide table');
});

test('a sound file is brought in from the sentence that plays it, and stopped by another', async ({
  desk,
}) => {
  await desk.choose('Title');
  const credits = desk.sentence(/^When Credits is pressed/);
  const also = async (typed: string, option: RegExp) => {
    await credits.click({ position: { x: 4, y: 8 } });
    await credits.getByRole('button', { name: 'Also show or say something' }).click();
    await desk.typing.fill(typed);
    await desk.page.getByRole('option', { name: option }).click();
  };
  const chooser = desk.page.waitForEvent('filechooser');
  await also('import', /Import a sound/);
  const file = await chooser;
  await file.setFiles('examples/saltwick-light/project.json');
  await expect(desk.word(/project.json was refused: It is no picture, font or sound/)).toBeVisible();

  const again = desk.page.waitForEvent('filechooser');
  await desk.page.keyboard.press('Escape');
  await also('import', /Import a sound/);
  await (
    await again
  ).setFiles({
    name: 'Fog horn.wav',
    mimeType: 'audio/wav',
    buffer: await readFile('examples/saltwick-light/assets/a-bell.wav'),
  });
  await expect(credits).toHaveAccessibleName(/play Fog horn/);
  await also('stop', /^Stop Fog horn/);
  await expect(credits).toHaveAccessibleName(/play Fog horn and stop Fog horn|play Fog horn, stop Fog horn/);
  await desk.playFrom('Title');
  for (let n = 0; n < 3; n++) await desk.page.keyboard.press('ArrowDown');
  await desk.page.keyboard.press('Enter');
  await expect(desk.log).toContainText('Fog horn plays');
  await expect(desk.log).toContainText('Fog horn stops');
});
