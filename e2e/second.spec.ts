import type { Page } from '@playwright/test';
import { expect, test, type Desk } from './desk';

/** The game in a second window: the same run, seen and played in either. */

const open = async (desk: Desk): Promise<Page> => {
  const opening = desk.page.waitForEvent('popup');
  await desk.page.getByRole('button', { name: 'The game in a second window' }).click();
  const second = await opening;
  await expect(second.getByRole('application', { name: 'The game' })).toBeVisible();
  return second;
};
const wordsIn = (page: Page): Promise<string[]> =>
  page
    .getByRole('application', { name: 'The game' })
    .evaluate((host) => [...host.shadowRoot!.querySelectorAll('text')].map((node) => node.textContent ?? ''));

test('input in either window plays the same run, and an edit is seen in both', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Title');
  const second = await open(desk);
  await expect.poll(() => wordsIn(second)).toContain('Start');

  // Played there by keys: seen here.
  const game = second.getByRole('application', { name: 'The game' });
  await game.press('Enter');
  await desk.expectUp('Play');
  // Played here: seen there, to the word.
  await desk.page.bringToFront();
  await desk.takeInHand();
  await desk.settled();
  await desk.game.press('Escape');
  await desk.expectUp('Play', 'Pause');
  await desk.settled();
  await expect.poll(() => wordsIn(second)).toEqual(await desk.words());

  // Pressed there with the pointer, where the button is drawn there.
  const resume = game.locator('text', { hasText: 'Resume' });
  await resume.click({ force: true });
  await desk.expectUp('Play');

  // Edited here: both show it.
  await desk.held('Pause');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Resume/ })
    .click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('Back to the storm');
  await expect.poll(() => desk.words()).toContain('Back to the storm');
  await expect.poll(() => wordsIn(second)).toContain('Back to the storm');
  // Held is held in both, and F8 resumes from there.
  await game.press('F8');
  await expect(desk.live.getByText('Held.')).toHaveCount(0);

  const closing = second.waitForEvent('close');
  await desk.page.getByRole('button', { name: 'Close the second window' }).click();
  await closing;
  await expect(desk.page.getByRole('button', { name: 'The game in a second window' })).toBeVisible();
});

test('one keeps the time; it is laid out for its own shape, goes with the project, and comes back after being closed', async ({
  desk,
}) => {
  await desk.begin();
  await desk.playFrom('Title');
  const strip = await desk.openDock('Screen sizes');
  await strip.getByRole('combobox', { name: 'On other aspect ratios' }).selectOption('fill, by the anchors');
  await strip.getByRole('button', { name: /^Phone, upright/ }).click();
  const second = await open(desk);
  const shape = () =>
    second
      .getByRole('application', { name: 'The game' })
      .evaluate((host) => host.shadowRoot!.querySelector('svg')!.getAttribute('viewBox'));
  await second.setViewportSize({ width: 390, height: 844 });
  await expect.poll(shape).toBe('0 0 390 844');
  await second.setViewportSize({ width: 800, height: 450 });
  await expect.poll(shape).toBe('0 0 800 450');
  await expect.poll(() => second.title()).toContain('Tavu');

  // The clock passes once, whoever draws.
  const before = await desk.clock();
  await expect.poll(() => desk.clock()).toBeGreaterThan(before + 5);
  const [from, at] = [await desk.clock(), Date.now()];
  await expect.poll(() => desk.clock()).toBeGreaterThan(from + 10);
  const passed = (await desk.clock()) - from;
  expect(passed).toBeLessThan(((Date.now() - at) / 1000) * 10 + 4);

  // A restarted run is the one seen there.
  await desk.page.getByRole('button', { name: 'Restart' }).click();
  await expect.poll(() => wordsIn(second)).toEqual(await desk.words());

  await second.close();
  await expect(desk.page.getByRole('button', { name: 'The game in a second window' })).toBeVisible();
  const again = await open(desk);
  await expect.poll(() => wordsIn(again)).toEqual(await desk.words());
});

test('a browser that lets no window open is told of, and nothing else changes', async ({ desk }) => {
  await desk.begin();
  await desk.page.evaluate(() => {
    window.open = () => null;
  });
  await desk.page.getByRole('button', { name: 'The game in a second window' }).click();
  await expect(desk.word(/let no second window open/)).toBeVisible();
  await expect(desk.page.getByRole('button', { name: 'The game in a second window' })).toBeVisible();
});
