import { expect, test, type Desk } from './desk';

/** Keyframes, frames of a text, and paces. */

async function scrub(desk: Desk, name: RegExp, tenths: number): Promise<void> {
  const head = desk.time.getByRole('slider', { name });
  await head.focus();
  for (let n = 0; n < tenths; n++) await desk.page.keyboard.press('Shift+ArrowRight');
}

test('a pace is named, written, and drawn by its handles', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  await desk.readProject();
  await desk.defaults.getByText('Easing: ', { exact: false }).first().click();
  const pace = desk.defaults.getByRole('group', { name: 'Easing' });
  await pace.getByRole('combobox', { name: 'Easing' }).selectOption('a custom curve');
  const written = pace.getByRole('textbox', { name: 'Easing, as CSS writes it' });
  await expect(written).toHaveValue(/^cubic-bezier\(/);
  const before = await written.inputValue();
  await pace.getByRole('slider', { name: 'First handle' }).press('ArrowUp');
  await expect(written).not.toHaveValue(before);
  const box = (await pace.getByRole('slider', { name: 'Second handle' }).boundingBox())!;
  await desk.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x + box.width / 2 - 30, box.y + box.height / 2 + 10, { steps: 3 });
  await desk.page.mouse.up();
  const dragged = await written.inputValue();
  expect(dragged).not.toBe(before);
  await written.fill('cubic-bezier(2, 0, 0, 1)');
  await written.press('Enter');
  await expect(pace.getByRole('alert')).toContainText('Write linear');
  await written.fill('steps(3, jump-both)');
  await written.press('Enter');
  await expect(pace.getByRole('combobox', { name: 'Easing' })).toHaveValue('written');
});

test('keyframes are set by moving an element at a time, by numbers, from ready loops, and copied to another', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('p');
  const what = desk.reading.getByRole('button', { name: 'Animations' });
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await desk.fillIn('Width', '200');
  await desk.fillIn('Height', '200');
  for (const name of ['Align horizontal centres', 'Align vertical centres'])
    await desk.reading.getByRole('button', { name }).click();
  await expect(label).toContainText('860, 440 · 200 × 200');
  await scrub(desk, /^Moment of Shop/, 10);
  await desk.time.getByRole('button', { name: 'Set keyframes' }).click();
  await expect(desk.time).toContainText('moving the selection sets a keyframe at 1 s');
  await live.drag([960, 540], [1160, 640]);
  await expect(label).toContainText(/10[56]\d, 5[34]\d · 200 × 200/);
  await live.key('.');
  await desk.time.getByRole('button', { name: 'Set keyframes' }).click();
  // Where it is placed has not changed.
  await expect(label).toContainText('860, 440 · 200 × 200');
  await what.click();
  const first = desk.reading.getByRole('group', { name: 'Animation 1' });
  await expect(first.getByRole('listitem')).toHaveCount(2);
  await expect(
    first.getByRole('group', { name: 'Keyframe 2' }).getByRole('textbox', { name: 'Rotation' }),
  ).toHaveValue('15°');
  await first.getByRole('group', { name: 'Keyframe 2' }).getByRole('textbox', { name: 'Opacity' }).fill('40');
  await desk.page.keyboard.press('Enter');
  await first.getByRole('combobox', { name: 'Plays' }).selectOption('there and back');
  await first.getByRole('button', { name: 'Copy this animation' }).click();
  await live.press(1900, 1070);
  await live.key('b');
  await desk.reading.getByRole('button', { name: 'Paste animation' }).click();
  await desk.reading.getByRole('button', { name: 'Flicker' }).click();
  await expect(desk.reading.getByRole('group', { name: /^Animation/ })).toHaveCount(2);
  // It plays: the picture goes on changing by itself.
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  const seen = new Set<string>();
  await expect
    .poll(async () => {
      seen.add(await desk.game.evaluate((host) => host.shadowRoot!.innerHTML));
      return seen.size;
    })
    .toBeGreaterThan(5);
});

test('a text goes through frames; their sum is told beside the stay, and either is made to match', async ({
  desk,
}) => {
  const frames = await desk.textFrames();
  await expect(frames.getByRole('note')).toContainText('It goes round without end, 1.5 s a round.');
  const more = frames.getByRole('button', { name: 'Frame', exact: true });
  for (let n = 0; n < 3; n++) await more.click();
  for (const n of [1, 2, 3, 4, 5, 6]) {
    const held = frames.getByRole('group', { name: `Frame ${n}` }).getByRole('textbox', { name: 'Duration' });
    await held.fill('0.8 s');
    await held.press('Enter');
  }
  await frames.getByRole('button', { name: 'End on another' }).click();
  const last = frames.getByRole('group', { name: 'Last text' }).getByRole('textbox', { name: 'Duration' });
  await last.fill('1.6 s');
  await last.press('Enter');
  await expect(frames.getByRole('note')).toContainText(
    /All of it takes 6\.4 s; the screen stays 2\.5 s: 3\.9 s too long\./,
  );
  await frames.getByRole('button', { name: 'Match the text' }).click();
  await expect(frames.getByRole('note')).toContainText('just as long as the screen stays');
  await last.fill('3.2 s');
  await last.press('Enter');
  await expect(frames.getByRole('note')).toContainText(
    'All of it takes 8 s; the screen stays 6.4 s: 1.6 s too long.',
  );
  await frames.getByRole('button', { name: 'Match the stay' }).click();
  await expect(frames.getByRole('button', { name: 'Match the stay' })).toHaveCount(0);
  await expect(last).toHaveValue('2.56 s');
  await expect(frames.getByRole('note')).toContainText('just as long as the screen stays');
});
