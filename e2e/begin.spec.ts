import { expect, test, type Desk } from './desk';

/** The first hour: a HUD, values where they are needed, questions, plain words, and keys without a use. */

const find = async (desk: Desk, words: string): Promise<void> => {
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill(words);
};
const option = (desk: Desk, name: string | RegExp) => desk.page.getByRole('option', { name }).first();

test('a HUD ticked for a new project is up in play, and not over the title', async ({ desk }) => {
  await desk.page.getByTitle('Projects').click();
  const form = desk.page.getByRole('form', { name: 'New project' });
  await form.getByRole('checkbox', { name: 'Loading' }).uncheck();
  await form.getByRole('checkbox', { name: 'HUD' }).check();
  await form.getByRole('button', { name: 'Make it and run it' }).click();
  await desk.expectUp('Title');
  await desk.settled();
  expect(await desk.words()).not.toContain('HUD');
  await desk.page.keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('HUD');
  await expect(desk.card('HUD')).toBeVisible();
});

test('a HUD piece is found by “score”, put beside the play screens, and undone at once', async ({ desk }) => {
  await desk.begin();
  await find(desk, 'score');
  await option(desk, /^Add a HUD piece/).click();
  await expect(desk.card('HUD')).toBeVisible();
  await expect(desk.reading.getByRole('navigation', { name: 'Location' })).toContainText('In play');
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('HUD');
  await desk.undo();
  await expect(desk.card('HUD')).toHaveCount(0);
  await expect.poll(() => desk.words()).not.toContain('HUD');
});

test('a switch makes the setting it controls, in one step; a text makes the value it says', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Options');
  await live.press(1900, 1070);
  await desk.reading.getByRole('combobox', { name: 'Add another element' }).selectOption('Switch');
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('Subtitles');
  const controls = desk.reading.getByRole('combobox', { name: 'Controls the value' });
  await controls.selectOption('new setting “subtitles”');
  await expect(controls.locator('option:checked')).toHaveText('subtitles');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const values = desk.page.getByRole('region', { name: 'Values' });
  await expect(values.getByText('on/off, a setting')).toBeVisible();
  await desk.undo();
  await expect(values.getByText('on/off, a setting')).toHaveCount(0);
  await expect(controls).toHaveValue('');

  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('{lives} left');
  const note = desk.reading.getByRole('note').filter({ hasText: 'there is nothing called that' });
  await note.getByRole('button', { name: 'Make a value “lives”' }).click();
  await expect(note).toHaveCount(0);
  await expect.poll(() => desk.words()).toContain('0 left');
});

/** Ctrl K and what is typed after it all at once, before the window can have drawn anything. */
const typeAtOnce = (desk: Desk, keys: string[]): Promise<void> =>
  desk.page.evaluate((typed) => {
    for (const key of ['k', ...typed]) {
      const ctrlKey = key === 'k';
      const press = new KeyboardEvent('keydown', { key, ctrlKey, bubbles: true, cancelable: true });
      document.activeElement!.dispatchEvent(press);
    }
  }, keys);

test('keys typed right after Ctrl K are Find’s, however late it comes, and nobody else’s', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.editing.focus();
  await typeAtOnce(desk, [...'slide']);
  await expect(desk.typing).toHaveValue('slide');
  await desk.page.keyboard.type('s');
  await expect(desk.typing).toHaveValue('slides');
  await desk.page.keyboard.press('Escape');
  await desk.editing.focus();
  await typeAtOnce(desk, [...'slide', 'Enter']);
  await expect(desk.defaults).toBeInViewport();
  // No letter has put anything on the screen that was held.
  await expect(desk.page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('plain words lead to where things are set; what nothing fits leads to the nearest', async ({ desk }) => {
  for (const [words, name, section] of [
    ['translate', /^Languages/, 'Languages'],
    ['slide', /^Default motion/, 'Default motion'],
    ['font', /^Text styles/, 'Text styles'],
  ] as const) {
    await find(desk, words);
    await option(desk, name).click();
    await expect(desk.reading.getByRole('region', { name: section, exact: true })).toBeInViewport();
  }
  await find(desk, 'controller');
  await option(desk, /^Actions/).click();
  await expect(desk.page.getByRole('region', { name: 'Actions', exact: true })).toBeInViewport();
  for (const words of ['export', 'message', 'HUD', 'transition', 'delete', 'sound', 'save']) {
    await find(desk, words);
    await expect(desk.page.getByRole('option').first()).toBeVisible();
    await expect(desk.page.getByText('Nothing is called that')).toHaveCount(0);
    await desk.page.keyboard.press('Escape');
  }
  await find(desk, 'transaltion');
  await expect(desk.page.getByText('Nothing is called that. The nearest:')).toBeVisible();
  await expect(option(desk, /^Languages/)).toBeVisible();
});

test('the log of a run that is over tells it in the words of then, whatever is renamed', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Title');
  for (const key of ['ArrowDown', 'ArrowDown', 'Enter']) await desk.page.keyboard.press(key);
  await expect(desk.log.getByText('The end', { exact: true })).toBeVisible();
  const told = await desk.log.allInnerTexts();
  expect(told.join()).toContain('Title is up');
  await desk.fillIn('Name', 'Harbour');
  await expect(desk.card('Harbour')).toBeVisible();
  expect(await desk.log.allInnerTexts()).toEqual(told);
});

test('Quit asks first: one press on its sentence makes the question, and one undo takes it back', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  await desk.chooseSentence(/^When Quit is pressed, it is the end/);
  await desk.reading.getByRole('button', { name: 'ask first' }).click();
  await expect(desk.sentence(/^When Quit is pressed, open Confirm over this/)).toContainText('Quit?');
  await expect(desk.sentence(/^When Confirm answers Yes, it is the end/)).toBeVisible();
  await expect(desk.card('Confirm')).toBeVisible();
  await desk.playFrom('Title');
  for (const key of ['ArrowUp', 'Enter']) await desk.page.keyboard.press(key);
  await desk.expectUp('Title', 'Confirm');
  await desk.settled();
  await expect.poll(() => desk.words()).toEqual(expect.arrayContaining(['Quit?', 'Yes', 'No']));
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title');
  await desk.undo();
  await expect(desk.card('Confirm')).toHaveCount(0);
  await expect(desk.sentence(/^When Quit is pressed, it is the end/)).toBeVisible();
});

test('a screen’s minimum time is set where the screen is read, and keeps it up that long', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  const minTime = desk.reading.getByRole('textbox', { name: 'Min time' });
  await minTime.fill('60 s');
  await minTime.press('Enter');
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await expect(desk.log.getByText('Waits for the screen’s minimum time')).toBeVisible();
  await desk.expectUp('Title');
});

test('a key without a use is only noted: 50 presses of it leave the game and its pause as they are', async ({
  desk,
}) => {
  await desk.begin();
  await desk.playFrom('Play');
  for (let n = 0; n < 50; n++) await desk.page.keyboard.press('k');
  const note = desk.unusedKey;
  await expect(note).toContainText('K leads nowhere.');
  await expect(desk.game).toBeFocused();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play', 'Pause');
  await expect(note).toHaveCount(0);
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play');
  await expect(desk.asking).toHaveCount(0);
  await desk.settled();

  // One press on the note asks, of the key that was pressed last.
  await desk.page.keyboard.press('j');
  await note.getByRole('button', { name: /^Say where/ }).click();
  await expect(desk.asking).toContainText('When J goes down,');
  await desk.page.keyboard.type('Chart');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Chart');
});

test('a group that is folded stays so for what is read next, and after a reload', async ({ desk }) => {
  await desk.begin();
  await desk.choose('Title');
  const background = () => desk.reading.getByRole('button', { name: 'Background', exact: true });
  await expect(background()).toHaveAttribute('aria-expanded', 'true');
  await background().click();
  await desk.choose('Play');
  await expect(background()).toHaveAttribute('aria-expanded', 'false');
  await desk.page.reload();
  await desk.choose('Title');
  await expect(background()).toHaveAttribute('aria-expanded', 'false');
});

test('a button added to a pause menu goes under the last, is called by its words, and undoes at once', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Pause');
  const add = desk.reading.getByRole('button', { name: 'Button', exact: true });
  await add.click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('Save the game');
  await expect(desk.reading.getByRole('textbox', { name: 'Name of this button' })).toHaveValue(
    'Save the game',
  );
  await expect.poll(() => desk.words()).toContain('Save the game');
  const tops = await desk.game.evaluate((host) =>
    ['Resume', 'Options', 'Leave', 'Save the game'].map(
      (words) =>
        [...host.shadowRoot!.querySelectorAll('text')]
          .find((node) => node.textContent === words)!
          .getBoundingClientRect().top,
    ),
  );
  const steps = tops.slice(1).map((top, i) => top - tops[i]!);
  for (const step of steps) expect(step).toBeCloseTo(steps[0]!, 0);
  // First its words go, then it with the room that was made for it.
  await desk.undo();
  await expect.poll(() => desk.words()).toContain('Button');
  await desk.undo();
  await expect.poll(() => desk.words()).not.toContain('Button');
});

test('ready sets bring their elements with what they show; a covered screen is shown when it is chosen', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Pause');
  await desk.expectUp('Play', 'Pause');
  await desk.choose('Play');
  await desk.expectUp('Play');
  const more = desk.reading.getByRole('combobox', { name: 'Add another element' });
  await more.selectOption('Rows of options');
  await expect
    .poll(() => desk.words())
    .toEqual(expect.arrayContaining(['Subtitles', 'Volume', 'Difficulty']));
  await desk.page.keyboard.press('Control+k');
  const find = desk.page.getByRole('dialog').getByRole('combobox');
  await find.fill('health');
  await desk.page.getByRole('option', { name: /Put on: Health bar/ }).click();
  await expect.poll(() => desk.words()).toContain('Health 100');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await expect(desk.page.getByRole('region', { name: 'Values' }).getByLabel('health now')).toHaveValue('100');
});
