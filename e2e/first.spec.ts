import { Desk, expect, test } from './desk';

/** The first minutes: what somebody sees who has never been here. */

test('the first time four notes stand where things are done; one press puts them away for good', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const desk = new Desk(await context.newPage());
  await desk.open(true);
  const notes = desk.page
    .getByRole('note')
    .filter({ has: desk.page.getByRole('button', { name: 'Put these notes away' }) });
  await expect(notes).toHaveCount(4);
  for (const words of [/click the game/, /Hold/, /underlined word/, /Press it, and name the screen/])
    await expect(notes.filter({ hasText: words })).toBeInViewport({ ratio: 1 });
  // They come again until they are put away.
  await desk.kept();
  await desk.page.reload();
  await expect(notes).toHaveCount(4);
  // Nothing that they speak of lies under them.
  await desk.takeInHand();
  await desk.page.keyboard.press('Shift+Escape');
  await desk.live.getByRole('button', { name: 'Hold', exact: true }).click();
  await expect(desk.live.getByText('Held.')).toBeVisible();
  await notes.first().getByRole('button', { name: 'Put these notes away' }).click();
  await expect(notes).toHaveCount(0);
  await desk.page.reload();
  await expect(desk.live).toBeVisible();
  await expect(notes).toHaveCount(0);
  await context.close();
});

test('somebody who follows the notes has changed a running flow with a few presses', async ({ browser }) => {
  const context = await browser.newContext();
  const desk = new Desk(await context.newPage());
  await desk.open(true);
  await desk.page.evaluate(`
    window.presses = 0;
    addEventListener('pointerdown', () => window.presses++, true);
    addEventListener('keydown', () => window.presses++, true);
  `);
  // Play here, press an event that leads nowhere, name a screen.
  await desk.takeInHand();
  await desk.dock.getByRole('button', { name: 'new …' }).click();
  await desk.page.keyboard.type('flood');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking).toContainText('When the game says flood,');
  await desk.page.keyboard.type('Flood');
  await desk.page.keyboard.press('Enter');
  await expect(desk.card('Flood')).toBeVisible();
  await desk.expectUp('Flood');
  expect(Number(await desk.page.evaluate('window.presses'))).toBeLessThan(25);
  await context.close();
});

test('? says what can be done in the part of the window that has the keyboard', async ({ desk }) => {
  await desk.card('Warning').focus();
  await desk.page.keyboard.press('?');
  const help = desk.page.getByRole('dialog', { name: 'How Tavu works' });
  await expect(help.getByRole('table', { name: 'Here: Map' })).toContainText('A new link from the card');
  await desk.page.keyboard.press('Escape');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByRole('button', { name: 'Unfold lamp oil' }).focus();
  await desk.page.keyboard.press('?');
  await expect(help.getByRole('table', { name: 'Here: Values' })).toContainText('What a value holds now');
  await desk.page.keyboard.press('Escape');
  // Typed, it is a letter.
  await desk.page.getByRole('textbox', { name: 'A new value' }).focus();
  await desk.page.keyboard.type('why?');
  await expect(help).toHaveCount(0);
  await expect(desk.page.getByRole('textbox', { name: 'A new value' })).toHaveValue('why?');
});
