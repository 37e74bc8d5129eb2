import { expect, test } from './desk';

/** Notes and status: what designers tell one another, kept with the project and never played. */

test('a note is written on a screen, an element and a sentence, found again, marked as done, and is in the file', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Pause');
  const { reading, page } = desk;
  const notes = reading.getByRole('region', { name: 'Notes' });
  await desk.unfold('Notes');
  const fresh = notes.getByRole('textbox', { name: /^A new note/ });
  await fresh.fill('Too loud?');
  await notes.getByRole('textbox', { name: 'Your name' }).fill('Ines');
  await notes.getByRole('button', { name: 'Add the note' }).click();
  await expect(notes.getByRole('listitem')).toContainText('Ines');
  await expect(desk.card('Pause').locator('..').getByRole('img', { name: '1 open note' })).toBeVisible();
  await expect(desk.live.getByRole('button', { name: '1 open note on Pause' })).toBeVisible();

  // On an element, under the same name, by Enter alone.
  await reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Options/ })
    .click();
  await fresh.fill('An icon before it');
  await fresh.press('Enter');
  await expect(notes.getByRole('listitem')).toContainText('Ines');
  await expect(fresh).toHaveValue('');

  // On a sentence.
  await desk.choose('Pause');
  await expect(desk.live.getByRole('button', { name: '1 open note on Options' })).toBeVisible();
  await desk.chooseSentence(/^When Resume is pressed/);
  await reading.getByRole('button', { name: 'Write a note on this sentence' }).click();
  const sheet = page.getByRole('dialog', { name: 'Notes on this sentence' });
  await sheet.getByRole('textbox', { name: /^A new note/ }).fill('Masked for a second');
  await sheet.getByRole('textbox', { name: /^A new note/ }).press('Enter');
  await page.keyboard.press('Escape');
  await expect(reading.getByRole('button', { name: '1 open note on this sentence' })).toBeVisible();

  // All of them are with the whole project, and lead to what they are on.
  await desk.readProject();
  const all = reading.getByRole('list', { name: 'Open notes' });
  await expect(all.getByRole('listitem')).toHaveCount(3);
  await all.getByRole('button', { name: /An icon before it/ }).click();
  await expect(reading.getByRole('textbox', { name: 'Name of this button' })).toHaveValue('Options');
  await notes.getByRole('checkbox', { name: 'done' }).check();
  await desk.readProject();
  await expect(all.getByRole('listitem')).toHaveCount(2);
  // Taking it back brings back what was chosen too.
  await desk.undo();
  await expect(notes.getByRole('checkbox', { name: 'done' })).not.toBeChecked();

  // Found by its words, and by who wrote it.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('masked for');
  await page.getByRole('option', { name: /Masked for a second/ }).click();
  await expect(desk.sentence(/^When Resume is pressed/)).toHaveAttribute('aria-current', 'true');

  const { screens, links } = await desk.saved();
  const pause = screens.find(({ name }) => name === 'Pause')!;
  expect(pause.notes).toEqual([{ text: 'Too loud?', by: 'Ines' }]);
  expect(pause.elements.flatMap((element) => element.notes ?? [])).toEqual([
    { text: 'An icon before it', by: 'Ines' },
  ]);
  expect(links.flatMap((link) => link.notes ?? [])).toEqual([{ text: 'Masked for a second', by: 'Ines' }]);
});

test('screens have a status, several at once, and the map looks at those of one status or with open notes', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  const status = desk.reading.getByRole('combobox', { name: 'Status' });
  await expect(status).toHaveValue('draft');
  await status.selectOption('for review');
  await desk.choose('Options', ['Shift']);
  await expect(status).toHaveValue('mixed');
  await status.selectOption('done');
  await desk.choose('Play');
  await desk.choose('Title');
  await expect(status).toHaveValue('done');
  await expect(desk.card('Title').locator('..').getByRole('img', { name: 'done' })).toBeVisible();

  const faint = (name: string) =>
    desk
      .card(name)
      .locator('..')
      .evaluate((card) => Number(getComputedStyle(card).opacity) < 1);
  await desk.map.getByRole('button', { name: 'Look at some only' }).click();
  await desk.page.getByRole('combobox', { name: 'Only this status' }).selectOption('done');
  await expect.poll(() => faint('Play')).toBe(true);
  expect(await faint('Title')).toBe(false);
  expect(await faint('Options')).toBe(false);
  await desk.page.getByRole('button', { name: 'Clear the filter' }).click();
  await desk.page.getByRole('combobox', { name: 'Only those' }).selectOption('with open notes');
  await expect.poll(() => faint('Title')).toBe(true);
});

test('a note on a part of a component is on the component, wherever it is placed', async ({ desk }) => {
  await desk.begin();
  await desk.held('Pause');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Options/ })
    .click();
  await desk.reading.getByRole('button', { name: 'Make a component' }).click();
  await desk.held('Pause');
  const [component] = (await desk.saved()).components!;
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: new RegExp(`^${component!.name}`) })
    .click();
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.unfold('Notes');
  const fresh = desk.reading.getByRole('textbox', { name: /^A new note/ });
  await fresh.fill('Its edge');
  await fresh.press('Enter');
  await expect
    .poll(async () => (await desk.saved()).components![0]!.elements.flatMap(({ notes }) => notes ?? []))
    .toEqual([{ text: 'Its edge' }]);
  await desk.readProject();
  await desk.reading.getByRole('button', { name: /^Its edge/ }).click();
  await expect(desk.reading.getByRole('region', { name: 'Inside a component' })).toBeVisible();
});
