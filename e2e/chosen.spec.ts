import { expect, test } from './desk';
import { expectSaid, openLines, page, said } from './talk';

/** What is chosen is what is seen: a screen, an element, a sentence or a line comes up in Live, held. */

test('whatever is chosen, wherever, comes up held; the log of the run before it stays until another begins', async ({
  desk,
}) => {
  await desk.begin();
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play');
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play', 'Pause');
  await desk.settled();
  const told = await desk.log.allInnerTexts();
  expect(told.join()).toContain('Pause is up');

  // A sentence of another screen, in Find.
  await desk.page.keyboard.press('Shift+Escape');
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill('when start is pressed');
  await desk.page.getByRole('option', { name: /^When Start is pressed/ }).click();
  await desk.expectUp('Title');
  await expect(desk.live.getByText('Held.')).toBeVisible();
  expect(await desk.log.allInnerTexts()).toEqual(told);
  // An element, in Find; and its field is not typed into blindly once another screen has come up.
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill('resume');
  await desk.page.getByRole('option', { name: /^Resume Pause/ }).click();
  await desk.expectUp('Play', 'Pause');
  await desk.choose('Options');
  expect(await desk.log.allInnerTexts()).toEqual(told);
  // Back in the run that was.
  await desk.log.getByRole('button', { name: 'Pause is up' }).last().click();
  await expect(desk.live.getByText('Held.')).toBeVisible();

  await desk.choose('Title');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await expect(desk.log.getByText('Pause is up')).toHaveCount(0);
  await desk.takeInHand();
  await desk.settled();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play');
  await desk.field('Name').focus();
  await desk.expectUp('Title');
  await expect(desk.live.getByText('Held.')).toBeVisible();
});

test('a line that is chosen is shown on its screen, and what is typed over it is seen there', async ({
  desk,
}) => {
  await openLines(desk);
  await expect(page(desk)).toBeVisible();
  await said(desk).first().click();
  const words = await said(desk).first().inputValue();
  await expectSaid(desk, words.slice(0, 20));
  await expect(desk.live.getByText('Held.')).toBeVisible();
  await said(desk).first().fill('The tide is turning.');
  await expectSaid(desk, /The tide is turning\./);
});

test('a press on another screen than the chosen one says whose it is and asks', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Pause');
  await desk.expectUp('Play', 'Pause');
  const add = desk.reading.getByRole('button', { name: 'Text', exact: true });
  await add.click();
  await desk.choose('Play');
  await desk.reading.getByRole('button', { name: 'Text', exact: true }).click();
  await desk.unfold('Anchors');
  for (const [name, value] of [
    ['Horizontal: anchor', 'start'],
    ['Vertical: anchor', 'start'],
  ] as const)
    await desk.reading.getByRole('combobox', { name }).selectOption(value);
  for (const field of [0, 1]) {
    await desk.field('Offset').nth(field).fill('100');
    await desk.field('Offset').nth(field).press('Enter');
  }
  await desk.choose('Pause');
  const asks = desk.page.getByRole('dialog', { name: 'Another screen' });
  await live.drag([120, 110], [700, 600]);
  await expect(asks).toContainText(/is on Play\./);
  await desk.page.keyboard.press('Escape');
  await expect(asks).toHaveCount(0);
  await desk.expectUp('Play', 'Pause');
  await live.press(120, 110);
  await asks.getByRole('button', { name: 'Edit Play' }).click();
  await desk.expectUp('Play');
  await expect(desk.field('Offset').first()).toHaveValue('100');
});
