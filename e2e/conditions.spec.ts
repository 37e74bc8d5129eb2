import { expect, test, type Desk } from './desk';

/** Conditions made of choices, with the formula beside them. */

const sheet = (desk: Desk) => desk.page.getByRole('dialog', { name: 'Only if' });
const part = (desk: Desk, n: number) => sheet(desk).getByRole('group', { name: `Part ${n}`, exact: true });
const formula = (desk: Desk) => sheet(desk).getByRole('combobox', { name: 'Only if' });

test('a condition is put together from choices, read in words, and felt in the run', async ({ desk }) => {
  await desk.begin();
  await desk.choose('Title');
  const start = desk.sentence(/^When Start is pressed/);
  await desk.chooseSentence(/^When Start is pressed/);
  await start.getByRole('button', { name: 'if …' }).click();
  await sheet(desk).getByRole('button', { name: 'a save exists' }).click();
  await expect(start).toHaveAccessibleName(/is pressed, if a save exists, go to/);
  await expect(formula(desk)).toHaveValue('saveExists("1")');
  await part(desk, 1).getByRole('combobox', { name: 'Holds or not' }).selectOption('no save exists');
  await sheet(desk).getByRole('button', { name: 'and a screen is up' }).click();
  await expect(part(desk, 2).getByRole('combobox', { name: 'Joined by' })).toBeFocused();
  await part(desk, 2).getByRole('combobox', { name: 'Screen' }).selectOption('Pause');
  await part(desk, 2).getByRole('combobox', { name: 'Holds or not' }).selectOption('is not up');
  await expect(start).toHaveAccessibleName(/if no save exists and Pause is not up, go to/);
  await part(desk, 2).getByRole('combobox', { name: 'Joined by' }).selectOption('or');
  await expect(formula(desk)).toHaveValue('!saveExists("1") || !isUp(Pause)');
  await part(desk, 1).getByRole('button', { name: 'Take this part out' }).click();
  await expect(start).toHaveAccessibleName(/is pressed, if Pause is not up, go to/);
  await part(desk, 1).getByRole('combobox', { name: 'Holds or not' }).selectOption('is up');
  await desk.page.keyboard.press('Escape');
  await expect(sheet(desk)).toHaveCount(0);

  // It does not hold: the press is not taken, and the log says why in the same words.
  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await expect(desk.log.getByRole('button', { name: 'Not: Pause is up' })).toBeVisible();
  await desk.expectUp('Title');
  // One undo for each choice.
  await desk.undo();
  await expect(start).toHaveAccessibleName(/is pressed, if Pause is not up, go to/);
});

test('a value is compared with what it can be; what choices cannot say stays a formula beside them', async ({
  desk,
}) => {
  await desk.choose('The watch');
  const tide = desk.sentence(/^When Tide table/);
  await desk.chooseSentence(/^When Tide table/);
  await tide.getByRole('button', { name: 'if …' }).click();
  await sheet(desk).getByRole('button', { name: 'a value is …' }).click();
  await part(desk, 1).getByRole('combobox', { name: 'Value' }).selectOption('storm');
  await part(desk, 1).getByRole('combobox', { name: 'Compared' }).selectOption('is not');
  await part(desk, 1).getByRole('combobox', { name: 'Is this' }).selectOption('Gale');
  await expect(tide).toHaveAccessibleName(/if storm is not Gale, open/);
  await part(desk, 1).getByRole('combobox', { name: 'Value' }).selectOption('lamp oil');
  await part(desk, 1).getByRole('combobox', { name: 'Compared' }).selectOption('is less than');
  const number = part(desk, 1).getByRole('textbox', { name: 'Is this' });
  await number.fill('20');
  await number.press('Enter');
  await expect(tide).toHaveAccessibleName(/if lamp oil is less than 20/);
  await expect(formula(desk)).toHaveValue('lamp_oil < 20');
  await formula(desk).fill('lamp_oil < 20 && (isUp(Pause) || lamp_oil > 60 + 2)');
  await formula(desk).press('Enter');
  await expect(sheet(desk)).toHaveCount(0);
  await tide.getByRole('button', { name: /^lamp oil is less than 20/ }).click();
  await expect(part(desk, 2)).toContainText('(isUp(Pause) || lamp_oil > 60 + 2)');
  await sheet(desk).getByRole('button', { name: 'only once' }).click();
  await expect(tide).toHaveAccessibleName(/, only once, open/);
});

test('by keyboard alone: a part is added, denied and taken out, and the keyboard goes on in the sentence', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  const start = desk.sentence(/^When Start is pressed/);
  await desk.chooseSentence(/^When Start is pressed/);
  const { keyboard } = desk.page;
  await start.getByRole('button', { name: 'if …' }).focus();
  await keyboard.press('Enter');
  await expect(formula(desk)).toBeFocused();
  for (let n = 0; n < 2; n++) await keyboard.press('Shift+Tab');
  await expect(sheet(desk).getByRole('button', { name: 'a save exists' })).toBeFocused();
  await keyboard.press('Enter');
  await expect(part(desk, 1).getByRole('combobox', { name: 'Holds or not' })).toBeFocused();
  await keyboard.press('ArrowDown');
  await expect(start).toHaveAccessibleName(/if no save exists, go to/);
  await keyboard.press('Escape');
  await expect(start.getByRole('button', { name: 'no save exists' })).toBeFocused();
  await keyboard.press('Enter');
  await expect(formula(desk)).toHaveValue('!saveExists("1")');
  await keyboard.press('Control+a');
  await keyboard.type('met');
  await expect(sheet(desk).getByRole('alert')).toContainText('met');
  await sheet(desk).getByRole('button', { name: 'Take the condition out' }).press('Enter');
  await expect(start).toHaveAccessibleName(/is pressed, go to/);
});
