import { expect, test } from './desk';
import { plugIn } from './hands';
import { ring, pointOf, stateOf } from './rings';

test('players choose their keys: one that is taken is refused, and all go back to the usual', async ({
  desk,
}) => {
  // A key is waited for 5 s of the run; a slow machine gets 20.
  await desk.speed('¼×');
  await desk.playFrom('Keys');
  const { keyboard } = desk.page;
  await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('Press a key');
  await keyboard.press('t');
  await expect.poll(() => desk.words()).toContain('Tide table has it');
  await keyboard.press('b');
  await expect.poll(() => stateOf(desk, 'Back')).toBe('B');
  await expect(desk.log).toContainText('back is B now');
  await keyboard.press('Escape');
  await desk.page.reload();
  await desk.playFrom('Keys');
  await expect.poll(() => stateOf(desk, 'Back')).toBe('B');
  await desk.page.mouse.click(...(await pointOf(desk, 'The usual keys')));
  await expect.poll(() => stateOf(desk, 'Back')).toBe('Esc');
});

test('an action is made, bound by pressing, and shown where its key bites', async ({ desk }) => {
  const pad = await plugIn(desk.page);
  await desk.page.getByRole('tab', { name: 'Input' }).click();
  const actions = desk.page.getByRole('region', { name: 'Actions' });
  await actions.getByRole('textbox', { name: 'A new action' }).fill('signal');
  await desk.page.keyboard.press('Enter');
  const row = actions.getByRole('group', { name: 'Signal' });
  await row.getByRole('button', { name: 'Press one' }).click();
  await desk.page.keyboard.press('t');
  await expect(row.getByRole('button', { name: 'T no longer is Signal' })).toBeVisible();
  await row.getByRole('button', { name: 'Press one' }).click();
  await pad.press(4);
  await expect(row.getByRole('button', { name: 'left shoulder no longer is Signal' })).toBeVisible();
  await row.getByRole('combobox', { name: 'A gesture for Signal' }).selectOption('mouse: right button');
  // Nothing waits for it yet, so nothing clashes; then the watch does.
  await expect(actions.getByRole('group', { name: 'Shared keys' })).not.toContainText('T is');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('The watch');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('signal');
  await desk.page.getByRole('option', { name: /^Signal/ }).click();
  await desk.fill(desk.sentence(/^When Signal/), 'Somewhere', 'Dawn', 'Dawn');
  await desk.page.getByRole('tab', { name: 'Input' }).click();
  await expect(actions.getByRole('group', { name: 'Shared keys' })).toContainText(
    'T is Tide table and Signal. The first sentence that fits takes it on The watch.',
  );
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('The watch');
  await desk.page.mouse.click(...(await pointOf(desk, 'Night 0, storm Calm')), { button: 'right' });
  await desk.expectUp('Dawn');
});

test('four buttons one under another: down goes round, a way set by hand wins, and is dragged and taken back', async ({
  desk,
}) => {
  await desk.choose('Pause');
  await desk.live.getByRole('button', { name: 'Focus arrows' }).click();
  const end = (name: RegExp) => desk.editing.getByRole('button', { name });
  await expect(end(/^Leave the watch, down: leads to Resume$/)).toBeVisible();
  const from = (await end(/^Resume, down: leads to Options$/).boundingBox())!;
  const { mouse } = desk.page;
  await mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await mouse.down();
  await mouse.move(...(await pointOf(desk, 'Leave the watch')), { steps: 4 });
  await mouse.up();
  await expect(end(/^Resume, down: leads to Leave the watch, set by hand$/)).toBeVisible();
  await desk.choose('Pause');
  await desk.reading.getByRole('button', { name: 'Focus on this screen' }).click();
  await expect(desk.reading).toContainText('down leads to Leave the watch, and not back');

  await desk.playFrom('Pause');
  await desk.page.keyboard.press('ArrowDown');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch', 'Pause', 'Confirm');
  await desk.settled();
  // Back gives the focus to the row it came from.
  await desk.page.keyboard.press('Backspace');
  await desk.settled();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch', 'Pause', 'Confirm');

  await desk.held('Pause');
  await desk.reading.getByRole('button', { name: 'Set the order by clicking' }).click();
  const order = desk.editing.getByRole('group', { name: 'Click what is read next' });
  for (const name of [/: Leave the watch/, /: Keep this night/, /: Options/, /: Resume/])
    await order.getByRole('button', { name }).click();
  await expect(order).toHaveCount(0);
  await expect(
    desk.reading.getByRole('list', { name: 'Reading and focus order' }).getByRole('listitem').first(),
  ).toContainText('Leave the watch');
  await desk.undo();
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Resume/ })
    .first()
    .click();
  await end(/^Resume, down: leads to Leave the watch, set by hand$/).dblclick();
  await expect(end(/^Resume, down: leads to Options$/)).toBeVisible();
});

test('hovering moves no focus while a pad plays, and a held direction repeats as the project says', async ({
  desk,
}) => {
  const pad = await plugIn(desk.page);
  await desk.playFrom('Pause');
  await pad.press(13);
  const before = await ring(desk);
  expect(before).not.toBeNull();
  await desk.page.mouse.move(...(await pointOf(desk, 'Leave the watch')));
  await desk.runFor(3);
  expect(await ring(desk)).toEqual(before);
  await desk.page.keyboard.down('ArrowDown');
  await expect.poll(async () => (await ring(desk))?.top).not.toBe(before!.top);
  const once = await ring(desk);
  await expect.poll(async () => (await ring(desk))?.top).not.toBe(once!.top);
  await desk.page.keyboard.up('ArrowDown');
});

test('words are typed into the game, by any means the system has', async ({ desk }) => {
  await desk.begin(['Name']);
  await desk.choose('Name');
  await desk.editing.press('e');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const pane = desk.page.getByRole('region', { name: 'Values' });
  await pane.getByRole('combobox', { name: 'Type of the new value' }).selectOption('text');
  await pane.getByRole('textbox', { name: 'A new value' }).fill('keeper');
  await desk.page.keyboard.press('Enter');
  await desk.reading.getByRole('combobox', { name: 'Controls the value' }).selectOption('keeper');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Name');
  await desk.page.mouse.click(...(await pointOf(desk, 'Write here')));
  await desk.page.keyboard.type('Inés');
  await desk.page.keyboard.insertText(' 👩‍🚀');
  await expect.poll(() => desk.words()).toContain('Inés 👩‍🚀');
  // While words are typed, their letters set nothing off.
  await expect(desk.log.getByText('→ game')).toHaveCount(0);
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('z');
  await expect.poll(() => desk.words()).toContain('Inés 👩‍🚀');
});
