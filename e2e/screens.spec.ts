import { expect, test, type Desk } from './desk';

/** Screens assembled where they run: drawn, placed, lined up, put into one another, copied. */

const across = (desk: Desk) => desk.reading.getByRole('combobox', { name: 'Horizontal: anchor' });

test('every sort of element is put on by one key, drawn, and the tool falls back to choosing', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  const names: string[] = [];
  for (const key of 'BTPQISLCNMGERUDKWO') {
    await live.key(key);
    names.push(await desk.reading.getByRole('textbox', { name: /^Name of this/ }).inputValue());
  }
  expect(new Set(names).size).toBe(18);
  expect(names).toContain('Speech bubble');
  await desk.page
    .getByRole('toolbar', { name: 'Put on the screen' })
    .getByRole('button', { name: 'Draw: panel' })
    .click();
  await live.drag([1200, 100], [1500, 260]);
  await expect(desk.field('Width')).toHaveValue(/^(299|300|301)$/);
  await expect(
    desk.page
      .getByRole('toolbar', { name: 'Put on the screen' })
      .getByRole('button', { name: 'Choose and move' }),
  ).toHaveAttribute('aria-pressed', 'true');
});

test('placed by hand: dragged, caught on a sibling, resized, turned, nudged, each one step back', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  await live.key('p');
  await desk.fillIn('Width', '300');
  await desk.fillIn('Height', '200');
  for (const name of ['Align horizontal centres', 'Align vertical centres'])
    await desk.reading.getByRole('button', { name }).click();
  await live.drag([960, 540], [976, 300]);
  // Near the middle it catches on that of the frame.
  await desk.unfold('Anchors');
  await expect(desk.field('Offset').first()).toHaveValue('0');
  await live.key('ArrowRight');
  await live.key('Shift+ArrowRight');
  await expect(desk.field('Offset').first()).toHaveValue('11');
  await live.key('Control+ArrowDown');
  await expect(desk.field('Height')).toHaveValue('201');
  await live.key('.');
  await expect(desk.field('Rotation')).toHaveValue('15°');
  await desk.undo();
  await expect(desk.field('Rotation')).toHaveValue('0°');
  const corner = desk.editing.locator('[data-handle="1 1"]');
  const box = (await corner.boundingBox())!;
  await desk.page.mouse.move(box.x + 4, box.y + 4);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x + 64, box.y + 44, { steps: 5 });
  await desk.page.mouse.up();
  expect(Number(await desk.field('Width').inputValue())).toBeGreaterThan(400);
  await desk.undo();
  await expect(desk.field('Width')).toHaveValue('300');
});

test('what is put on near an edge of the frame lies within it', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await desk.live.getByRole('button', { name: 'Draw: panel' }).click();
  await live.press(1915, 1075);
  const [x, y, width, height] = (await label.innerText()).match(/-?\d+/g)!.map(Number).slice(-4);
  expect([x! + width!, y! + height!]).toEqual([1920, 1080]);
});

test('a text in the middle of its share, a stretched panel, a picture kept at a corner, and one beside another', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await live.press(1700, 1000);
  await live.key('t');
  await desk.unfold('Anchors');
  await across(desk).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Vertical: anchor' }).selectOption('from the top');
  for (const [n, by] of [
    [0, 'middle'],
    [1, 'middle'],
  ] as const)
    await desk.reading.getByRole('combobox', { name: 'Pivot' }).nth(n).selectOption(by);
  await desk.field('Offset').nth(0).fill('50%');
  await desk.field('Offset').nth(1).fill('75%');
  await desk.fillIn('Width', '40%');
  await desk.fillIn('Height', '10%');
  await expect(label).toContainText('576, 756 · 768 × 108');
  // Its words are in the middle of that, too.
  const typography = desk.reading.getByRole('region', { name: 'Typography' });
  await expect(typography.getByRole('combobox', { name: 'Align', exact: true })).toHaveValue('centre');

  await live.key('p');
  await across(desk).selectOption('stretched');
  await desk.reading.getByRole('combobox', { name: 'Vertical: anchor' }).selectOption('stretched');
  for (const [name, value] of [
    ['Left', '200 + 40'],
    ['Right', '240'],
    ['Top', '90'],
    ['Bottom', '90'],
  ] as const)
    await desk.fillIn(name, value);
  await expect(label).toContainText('240, 90 · 1440 × 900');

  await live.key('i');
  await across(desk).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Vertical: anchor' }).selectOption('from the bottom');
  await desk.field('Offset').nth(0).fill('36');
  await desk.field('Offset').nth(1).fill('36');
  for (const size of ['512', '480']) {
    await desk.fillIn('Width', size);
    await desk.fillIn('Height', size);
    await expect(label).toContainText(`36, ${1080 - 36 - Number(size)} · ${size} × ${size}`);
  }

  // Beside the picture, 24 from it, whatever its size.
  await live.key('b');
  await across(desk).selectOption('beside a sibling');
  await desk.reading.getByRole('combobox', { name: 'Horizontal: beside' }).selectOption('Picture');
  await desk.reading.getByRole('combobox', { name: 'Horizontal: side' }).selectOption('right of');
  await desk.field('Offset').nth(0).fill('24');
  await desk.field('Offset').nth(0).press('Enter');
  await expect(label).toContainText('540, ');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: 'Picture picture' })
    .click();
  await desk.fillIn('Width', '300');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: 'Button button, leads nowhere' })
    .click();
  await expect(label).toContainText('360, ');
});

test('a text that does not fit is marked, with by how much and what would help', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  await live.key('t');
  await desk.reading
    .getByRole('textbox', { name: 'Text', exact: true })
    .fill('A line that is far too long for the box it stands in');
  await desk.fillIn('Width', '300');
  await expect(desk.reading.getByRole('note')).toContainText(
    /The text is \d+ too high for its box\. It would fit with a size of/,
  );
  await expect(desk.editing.getByText(/too high/)).toBeVisible();
  await desk.reading.getByRole('checkbox', { name: 'Auto size to fit its box' }).check();
  await expect(desk.reading.getByRole('note')).toHaveCount(0);
});

test('elements are copied to another project with their place, style and links', async ({ desk }) => {
  await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Credits/ })
    .click();
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+c');
  await expect(desk.word('One element copied.')).toBeVisible();
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+v');
  await expect(desk.reading.getByRole('textbox', { name: /^Name of this button/ })).toHaveValue('Credits');
  await expect(desk.sentence(/^When Credits is pressed, go to Credits/)).toBeVisible();
  await desk.unfold('Anchors');
  await expect(desk.field('Offset').first()).toHaveValue('156');
});

test('by keyboard alone: chosen, moved, resized, turned, ordered, styled, hidden, locked, copied', async ({
  desk,
}) => {
  await desk.choose('Pause');
  await desk.editing.focus();
  const { keyboard } = desk.page;
  const name = desk.reading.getByRole('textbox', { name: /^Name of this/ });
  for (let n = 0; n < 3; n++) await keyboard.press(']');
  await expect(name).toHaveValue('Resume');
  await keyboard.press('Shift+ArrowDown');
  await keyboard.press('ArrowDown');
  await expect(desk.field('Y')).toHaveValue('191');
  await keyboard.press('Control+Shift+ArrowRight');
  await expect(desk.field('Width')).toHaveValue('450');
  await keyboard.press(',');
  await expect(desk.field('Rotation')).toHaveValue('345°');
  await keyboard.press('.');
  await keyboard.press('PageUp');
  await keyboard.press(']');
  await expect(name).toHaveValue('Keep this night');
  await keyboard.press('Shift+L');
  await expect(desk.reading.getByRole('button', { name: 'Let it be chosen with the pointer' })).toBeVisible();
  await keyboard.press('Shift+L');
  await keyboard.press('Shift+H');
  await expect.poll(() => desk.words()).not.toContain('Keep this night');
  await keyboard.press('Shift+H');
  await keyboard.press('Control+d');
  await expect(name).toHaveValue('Keep this night 2');
  await keyboard.press('Delete');
  await expect(name).toHaveCount(0);
  await keyboard.press('t');
  await keyboard.press('Enter');
  await keyboard.type('Fog tonight');
  await keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('Fog tonight');
  // The reading column is the next pane; its fields are reached with Tab.
  await keyboard.press('F6');
  await desk.reading.getByRole('combobox', { name: 'Text style' }).focus();
  await keyboard.type('Heading');
  await expect(desk.reading.getByRole('combobox', { name: 'Text style' })).toHaveAttribute(
    'title',
    'Heading',
  );
});

test('in the list of what is inside what, a row is dragged into a panel and out again, and stays where it is drawn', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('p');
  await live.press(1900, 1070);
  await live.key('t');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  const before = await label.innerText();
  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  const rows = desk.reading.getByRole('region', { name: 'All of Shop' });
  const row = (name: RegExp) => rows.getByRole('button', { name });
  await row(/^Text text/).dragTo(row(/^Panel panel/));
  await expect(desk.reading.getByRole('combobox', { name: 'Parent' })).toHaveValue(/^e-/);
  await expect(label).toHaveText(before);
  await row(/^Text text/).dragTo(row(/^Heading/), { targetPosition: { x: 40, y: 1 } });
  await expect(desk.reading.getByRole('combobox', { name: 'Parent' })).toHaveValue('');
  await expect(label).toHaveText(before);
  await desk.undo();
  await expect(desk.reading.getByRole('combobox', { name: 'Parent' })).toHaveValue(/^e-/);
});

test('where the anchors decide, a text keeps its share of a smaller frame, and one that does not fit there is marked', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1910, 1070);
  await live.key('t');
  await desk.unfold('Anchors');
  await desk.reading.getByRole('combobox', { name: 'Horizontal: anchor' }).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Vertical: anchor' }).selectOption('from the top');
  for (const n of [0, 1])
    await desk.reading.getByRole('combobox', { name: 'Pivot' }).nth(n).selectOption('middle');
  await desk.field('Offset').nth(0).fill('50%');
  await desk.field('Offset').nth(1).fill('75%');
  await desk.fillIn('Width', '40%');
  await desk.fillIn('Height', '10%');
  await desk.reading
    .getByRole('textbox', { name: 'Text', exact: true })
    .fill('Slack water at four, fog over the bank');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await expect(label).toContainText('576, 756 · 768 × 108');
  await expect(desk.reading.getByRole('note')).toHaveCount(0);

  await desk.openDock('Screen sizes');
  const strip = desk.dock.getByRole('region', { name: 'Screen sizes' });
  await strip.getByRole('combobox', { name: 'On other aspect ratios' }).selectOption('fill, by the anchors');
  await strip.getByRole('button', { name: 'Size', exact: true }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'A size of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Small');
  await sheet.getByRole('textbox', { name: 'Width' }).fill('1280');
  await sheet.getByRole('textbox', { name: 'Height' }).fill('720');
  await sheet.getByRole('button', { name: 'Add it' }).click();
  // 512 × 72 round (640, 540).
  await expect(label).toContainText('384, 504 · 512 × 72');
  await strip.getByRole('button', { name: /^Phone, upright/ }).click();
  await expect(desk.editing.getByText(/too (high|wide)/)).toBeVisible();
});
