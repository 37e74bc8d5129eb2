import { expect, test, type Desk } from './desk';

/** Screens assembled where they run: drawn, placed, lined up, put into one another, copied. */

const across = (desk: Desk) => desk.reading.getByRole('combobox', { name: 'Across: kept' });

test('every sort of element is put on by one key, drawn, and the tool falls back to choosing', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  const names: string[] = [];
  for (const key of 'BTPISLCNMGERUDKWO') {
    await live.key(key);
    names.push(await desk.reading.getByRole('textbox', { name: /^Name of this/ }).inputValue());
  }
  expect(new Set(names).size).toBe(17);
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

test('placed by hand: dragged, caught on a sister, resized, turned, nudged, each one step back', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  await live.key('p');
  await desk.fillIn('Width', '300');
  await desk.fillIn('Height', '200');
  await live.drag([960, 540], [976, 300]);
  // Near the middle it catches on that of the frame.
  await expect(desk.field('Distance').first()).toHaveValue('0');
  await live.key('ArrowRight');
  await live.key('Shift+ArrowRight');
  await expect(desk.field('Distance').first()).toHaveValue('11');
  await live.key('Control+ArrowDown');
  await expect(desk.field('Height')).toHaveValue('201');
  await live.key('.');
  await expect(desk.field('Turned, degrees')).toHaveValue('15');
  await desk.undo();
  await expect(desk.field('Turned, degrees')).toHaveValue('0');
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
  await across(desk).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('from the top');
  for (const [n, by] of [
    [0, 'middle'],
    [1, 'middle'],
  ] as const)
    await desk.reading.getByRole('combobox', { name: 'By its' }).nth(n).selectOption(by);
  await desk.field('Distance').nth(0).fill('50%');
  await desk.field('Distance').nth(1).fill('75%');
  await desk.fillIn('Width', '40%');
  await desk.fillIn('Height', '10%');
  await expect(label).toContainText('576, 756 · 768 × 108');
  // Its words are in the middle of that, too.
  const lettering = desk.reading.getByRole('region', { name: 'Lettering' });
  await expect(lettering.getByRole('combobox', { name: 'Text stands' })).toHaveValue('centre');

  await live.key('p');
  await across(desk).selectOption('stretched');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('stretched');
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
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('from the bottom');
  await desk.field('Distance').nth(0).fill('36');
  await desk.field('Distance').nth(1).fill('36');
  for (const size of ['512', '480']) {
    await desk.fillIn('Width', size);
    await desk.fillIn('Height', size);
    await expect(label).toContainText(`36, ${1080 - 36 - Number(size)} · ${size} × ${size}`);
  }

  // Beside the picture, 24 from it, whatever its size.
  await live.key('b');
  await across(desk).selectOption('beside a sister');
  await desk.reading.getByRole('combobox', { name: 'Across: beside' }).selectOption('Picture');
  await desk.reading.getByRole('combobox', { name: 'Across: which side' }).selectOption('right of');
  await desk.field('Distance').nth(0).fill('24');
  await desk.field('Distance').nth(0).press('Enter');
  await expect(label).toContainText('540, ');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: 'Picture picture' })
    .click();
  await desk.fillIn('Width', '300');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: 'Button button, leads nowhere' })
    .click();
  await expect(label).toContainText('360, ');
});

test('several are lined up, spread, put into a panel with nothing moving, and hidden only while editing', async ({
  desk,
}) => {
  const live = await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Begin the watch/ })
    .click();
  await desk.reading.getByRole('button', { name: 'All of Title' }).click();
  const all = desk.reading.getByRole('region', { name: 'All of Title' });
  for (const name of [/^Continue b/, /^Options b/])
    await all.getByRole('button', { name }).click({ modifiers: ['Shift'] });
  await expect(desk.reading.getByRole('region', { name: 'Several elements' })).toContainText('3 elements');
  await desk.reading.getByRole('combobox', { name: 'Line up to' }).selectOption('the safe margin');
  await desk.reading.getByRole('button', { name: 'Left edges in line' }).click();
  await desk.reading.getByRole('button', { name: 'Only this' }).first().click();
  await expect(desk.field('Distance').first()).toHaveValue('96');
  await live.key('Shift+H');
  await desk.page.keyboard.press('Escape');
  expect(await desk.words()).not.toContain('Begin the watch');
  await desk.live.getByRole('button', { name: 'Let go' }).click();
  await expect.poll(() => desk.words()).toContain('Begin the watch');
});

test('beside a sister that shows faintly, what nearly matches is matched by one press', async ({ desk }) => {
  await desk.begin();
  await desk.held('Options');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
  await what.getByRole('button', { name: /^Heading/ }).click();
  // The headings of both stand in the middle; this one five too far to the right.
  await desk.field('Distance').first().fill('0 + 5');
  await desk.field('Distance').first().press('Enter');
  await desk.page.getByRole('button', { name: 'Line up', exact: true }).click();
  await desk.page.getByRole('combobox', { name: 'Show faintly' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  const near = desk.reading.getByRole('region', { name: 'Beside Pause' });
  await expect(near.getByRole('listitem').first()).toContainText(/^left /);
  const before = await near.getByRole('listitem').count();
  await near.getByRole('button', { name: 'Match', exact: true }).first().click();
  await expect.poll(() => near.getByRole('listitem').count()).toBeLessThan(before);
});

test('a text that does not fit is marked, with by how much and what would help', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  await live.key('t');
  await desk.reading
    .getByRole('textbox', { name: 'Words on it' })
    .fill('A line that is far too long for the box it stands in');
  await desk.fillIn('Width', '300');
  await expect(desk.reading.getByRole('note')).toContainText(
    /The text is \d+ too high for its box\. It would fit with a size of/,
  );
  await expect(desk.editing.getByText(/too high/)).toBeVisible();
  await desk.reading.getByRole('checkbox', { name: 'As large as its box takes' }).check();
  await expect(desk.reading.getByRole('note')).toHaveCount(0);
});

test('elements are copied to another project with their place, style and links', async ({ desk }) => {
  await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Credits/ })
    .click();
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+c');
  await expect(desk.page.getByText('One element copied.')).toBeVisible();
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+v');
  await expect(desk.reading.getByRole('textbox', { name: /^Name of this button/ })).toHaveValue('Credits');
  await expect(desk.sentence(/^When Credits is pressed, go to Credits/)).toBeVisible();
  await expect(desk.field('Distance').first()).toHaveValue('156');
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
  await expect(desk.field('Distance').nth(1)).toHaveValue('191');
  await keyboard.press('Control+Shift+ArrowRight');
  await expect(desk.field('Width')).toHaveValue('450');
  await keyboard.press(',');
  await expect(desk.field('Turned, degrees')).toHaveValue('345');
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
  await expect(desk.reading.getByRole('combobox', { name: 'Text style' })).toHaveValue('t-heading');
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
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue(/^e-/);
  await expect(label).toHaveText(before);
  await row(/^Text text/).dragTo(row(/^Heading/), { targetPosition: { x: 40, y: 1 } });
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue('');
  await expect(label).toHaveText(before);
  await desk.undo();
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue(/^e-/);
});

test('a thing caught on the grid starts on it, and several get the same gaps', async ({ desk }) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  const corner = async () =>
    (await label.innerText())
      .match(/(-?\d+), (-?\d+) ·/)!
      .slice(1)
      .map(Number);
  await desk.page.getByRole('button', { name: 'Grid', exact: true }).click();
  await desk.page.getByRole('button', { name: 'Line up', exact: true }).click();
  await desk.page.getByRole('textbox', { name: 'Grid, design pixels' }).fill('50');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  // Where neither edge nor middle of a sister is near, whatever size Live is.
  for (const [x, y] of [
    [303, 211],
    [761, 598],
    [1552, 788],
  ] as const) {
    await live.press(1910, 1070);
    await live.key('p');
    await desk.fillIn('Width', '100');
    await desk.fillIn('Height', '100');
    const [left, top] = await corner();
    await live.drag([left! + 50, top! + 50], [x + 50, y + 50]);
  }
  expect((await corner()).map((each) => each % 50)).toEqual([0, 0]);

  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  const rows = desk.reading.getByRole('region', { name: 'All of Shop' });
  const panels = rows.getByRole('button', { name: /^Panel( \d)? panel/ });
  await expect(panels).toHaveCount(3);
  for (const n of [0, 1, 2]) await panels.nth(n).click({ modifiers: n === 0 ? [] : ['Shift'] });
  await desk.reading.getByRole('button', { name: 'The same gaps, across' }).click();
  const lefts: number[] = [];
  for (const n of [0, 1, 2]) {
    await panels.nth(n).click();
    lefts.push((await corner())[0]!);
  }
  lefts.sort((a, b) => a - b);
  expect(Math.abs(lefts[1]! - lefts[0]! - (lefts[2]! - lefts[1]!))).toBeLessThanOrEqual(1);
});

test('a panel sets what it holds into a column, a row, and a grid', async ({ desk }) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await live.press(1910, 1070);
  await live.key('p');
  await desk.fillIn('Width', '1000');
  await desk.fillIn('Height', '600');
  await desk.reading
    .getByRole('combobox', { name: 'What it holds stands' })
    .selectOption('one under the other');
  await desk.fillIn('Between them', '30');
  await desk.fillIn('Round them', '40');
  const panel = desk.reading.getByRole('button', { name: /^Panel panel/ });
  for (const name of ['Button', 'Button 2', 'Button 3']) {
    await live.key('b');
    await expect(desk.reading.getByRole('textbox', { name: /^Name of this/ })).toHaveValue(name);
    await desk.reading.getByRole('combobox', { name: 'Inside of' }).selectOption('Panel');
    await expect(desk.reading.getByText('Panel places it, as a column')).toBeVisible();
    await desk.fillIn('Width', '200');
    await desk.fillIn('Height', '80');
    if (name !== 'Button 3') await live.press(1910, 1070);
  }
  const places = async (): Promise<string[]> => {
    const all: string[] = [];
    for (const name of [/^Button button/, /^Button 2 button/, /^Button 3 button/]) {
      await desk.reading.getByRole('button', { name }).click();
      all.push((await label.innerText()).match(/· (-?\d+, -?\d+) ·/)![1]!);
    }
    await panel.click();
    return all;
  };
  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  expect(await places()).toEqual(['500, 280', '500, 390', '500, 500']);
  await desk.reading.getByRole('combobox', { name: 'What it holds stands' }).selectOption('side by side');
  expect(await places()).toEqual(['500, 280', '730, 280', '960, 280']);
  await desk.reading.getByRole('combobox', { name: 'What it holds stands' }).selectOption('in a grid');
  const [first, second, third] = (await places()).map((each) => each.split(', ').map(Number));
  expect(second![1]).toBe(first![1]);
  expect(third![0]).toBe(first![0]);
  expect(third![1]).toBeGreaterThan(first![1]!);
});

test('what a panel has no room for is cut off, or scrolled to by the focus; what is lifted is drawn over', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1910, 1070);
  await live.key('p');
  await desk.fillIn('Width', '600');
  await desk.fillIn('Height', '240');
  await desk.reading
    .getByRole('combobox', { name: 'What it holds stands' })
    .selectOption('one under the other');
  for (let n = 0; n < 4; n++) {
    await live.press(1910, 1070);
    await live.key('b');
    await desk.reading.getByRole('combobox', { name: 'Inside of' }).selectOption('Panel');
  }
  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  const panel = desk.reading.getByRole('button', { name: /^Panel panel/ });
  await panel.click();
  const drawn = (selector: string) =>
    desk.game.evaluate((host, find) => host.shadowRoot!.querySelectorAll(find).length, selector);
  expect(await drawn('clipPath')).toBe(0);
  await desk.reading.getByRole('combobox', { name: 'What does not fit in' }).selectOption('is cut off');
  await expect.poll(() => drawn('clipPath')).toBe(1);
  await desk.reading
    .getByRole('combobox', { name: 'What does not fit in' })
    .selectOption('can be scrolled to');

  // A second panel lies over the first, until that is lifted.
  await live.press(1910, 1070);
  await live.key('p');
  const ids = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('rect')].map((each) => each.getAttribute('width')),
    );
  const order = async () =>
    (await ids()).findIndex((width) => width !== '1920' && Number(width) > 590 && Number(width) < 601);
  const before = await order();
  await panel.click();
  await desk.fillIn('Lifted over sisters', '1');
  await expect.poll(order).toBeGreaterThan(before);

  await desk.playFrom('Shop');
  const moved = () => drawn('g[clip-path] > g[transform]');
  expect(await moved()).toBe(0);
  for (let n = 0; n < 6 && (await moved()) === 0; n++) {
    await desk.page.keyboard.press('ArrowDown');
    await desk.runFor(1);
  }
  await expect.poll(moved).toBe(1);
});

test('where the anchors decide, a text keeps its share of a smaller frame, and one that does not fit there is marked', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1910, 1070);
  await live.key('t');
  await desk.reading.getByRole('combobox', { name: 'Across: kept' }).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('from the top');
  for (const n of [0, 1])
    await desk.reading.getByRole('combobox', { name: 'By its' }).nth(n).selectOption('middle');
  await desk.field('Distance').nth(0).fill('50%');
  await desk.field('Distance').nth(1).fill('75%');
  await desk.fillIn('Width', '40%');
  await desk.fillIn('Height', '10%');
  await desk.reading
    .getByRole('textbox', { name: 'Words on it' })
    .fill('Slack water at four, fog over the bank');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await expect(label).toContainText('576, 756 · 768 × 108');
  await expect(desk.reading.getByRole('note')).toHaveCount(0);

  await desk.live.getByRole('button', { name: 'Sizes and shapes' }).click();
  const strip = desk.live.getByRole('region', { name: 'Sizes and shapes' });
  await strip.getByRole('combobox', { name: 'In another shape' }).selectOption('the anchors decide');
  await strip.getByRole('button', { name: 'Size', exact: true }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'A size of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Small');
  await sheet.getByRole('textbox', { name: 'Wide, pixels' }).fill('1280');
  await sheet.getByRole('textbox', { name: 'High, pixels' }).fill('720');
  await sheet.getByRole('button', { name: 'Add it' }).click();
  // 512 × 72 round (640, 540).
  await expect(label).toContainText('384, 504 · 512 × 72');
  await strip.getByRole('button', { name: /^Phone, upright/ }).click();
  await expect(desk.editing.getByText(/too (high|wide)/)).toBeVisible();
});

test('a near match takes the sister’s value, and its other edge stays where it is', async ({ desk }) => {
  await desk.begin();
  await desk.held('Options');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
  await what.getByRole('button', { name: /^Heading/ }).click();
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  const place = async () => (await label.innerText()).match(/-?\d+/g)!.map(Number);
  await desk.field('Distance').first().fill('0 + 5');
  await desk.field('Distance').first().press('Enter');
  const [left, , width] = await place();
  await desk.page.getByRole('button', { name: 'Line up', exact: true }).click();
  await desk.page.getByRole('combobox', { name: 'Show faintly' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  const near = desk.reading.getByRole('region', { name: 'Beside Pause' });
  await near.getByRole('button', { name: 'Match, the rest stays' }).first().click();
  await expect.poll(async () => (await place())[0]).not.toBe(left);
  const [now, , wide] = await place();
  expect(now! + wide!).toBe(left! + width!);
});

test('several are lined up with a faint sister by one press, at any distance, and what is dragged catches on it', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
  const lefts = async (): Promise<number[]> => {
    const found: number[] = [];
    for (const name of ['Start', 'Options', 'Quit']) {
      await live.press(1900, 1070);
      await what.getByRole('button', { name: new RegExp(`^${name} button`) }).click();
      const label = desk.editing.locator('span', { hasText: '·' }).first();
      await expect(label).toContainText(name);
      found.push(Number((await label.innerText()).match(/· (-?\d+)/)![1]));
    }
    return found;
  };
  expect(await lefts()).toEqual([180, 180, 180]);
  await desk.page.getByRole('button', { name: 'Line up', exact: true }).click();
  await desk.page.getByRole('combobox', { name: 'Show faintly' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  await live.drag([120, 400], [700, 800]);
  await expect(desk.reading.getByRole('heading', { name: '3 elements' })).toBeVisible();
  const match = desk.reading.getByRole('group', { name: 'Match at any distance' });
  await expect(match).toContainText('Match with Resume, Options');
  await match.getByRole('button', { name: 'Left', exact: true }).click();
  expect(await lefts()).toEqual([740, 740, 740]);
  await desk.undo();
  expect(await lefts()).toEqual([180, 180, 180]);
  // By hand: nothing else on this screen stands at 740.
  await live.drag([400, 500], [963, 900]);
  expect((await lefts())[0]).toBe(740);
});
