import { expect, test } from './desk';

/** Elements put in order beside one another, and inside panels. */

test('several are lined up, spread, put into a panel with nothing moving, and hidden only while editing', async ({
  desk,
}) => {
  const live = await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Begin the watch/ })
    .click();
  await desk.reading.getByRole('button', { name: 'All of Title' }).click();
  const all = desk.reading.getByRole('region', { name: 'All of Title' });
  for (const name of [/^Continue b/, /^Options b/])
    await all.getByRole('button', { name }).click({ modifiers: ['Shift'] });
  await expect(desk.reading.getByRole('region', { name: 'Several elements' })).toContainText('3 elements');
  await desk.reading.getByRole('combobox', { name: 'Align to' }).selectOption('to the safe margin');
  await desk.reading.getByRole('button', { name: 'Align left edges' }).click();
  await desk.reading.getByRole('button', { name: 'Only this' }).first().click();
  await desk.unfold('Anchors');
  await expect(desk.field('Offset').first()).toHaveValue('96');
  await live.key('Shift+H');
  await desk.page.keyboard.press('Escape');
  expect(await desk.words()).not.toContain('Begin the watch');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await expect.poll(() => desk.words()).toContain('Begin the watch');
});

test('beside a sibling that shows faintly, what nearly matches is matched by one press', async ({ desk }) => {
  await desk.begin();
  await desk.held('Options');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Heading/ }).click();
  // The headings of both stand in the middle; this one five too far to the right.
  await desk.unfold('Anchors');
  await desk.field('Offset').first().fill('0 + 5');
  await desk.field('Offset').first().press('Enter');
  await desk.page.getByRole('button', { name: 'Align and reference' }).click();
  await desk.page.getByRole('combobox', { name: 'Reference screen' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  const near = desk.reading.getByRole('region', { name: 'Beside Pause' });
  await expect(near.getByRole('listitem').first()).toContainText(/^left /);
  const before = await near.getByRole('listitem').count();
  await near.getByRole('button', { name: 'Match', exact: true }).first().click();
  await expect.poll(() => near.getByRole('listitem').count()).toBeLessThan(before);
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
  await desk.page.getByRole('button', { name: 'Align and reference' }).click();
  await desk.page.getByRole('textbox', { name: 'Grid' }).fill('50');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  // Where neither edge nor middle of a sibling is near, whatever size Live is.
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
  expect((await corner()).map((value) => value % 50)).toEqual([0, 0]);

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
  await desk.reading.getByRole('combobox', { name: 'Layout' }).selectOption('column');
  await desk.fillIn('Gap', '30');
  await desk.fillIn('Padding', '40');
  const panel = desk.reading.getByRole('button', { name: /^Panel panel/ });
  for (const name of ['Button', 'Button 2', 'Button 3']) {
    await live.key('b');
    await expect(desk.reading.getByRole('textbox', { name: /^Name of this/ })).toHaveValue(name);
    await desk.reading.getByRole('combobox', { name: 'Parent' }).selectOption('Panel');
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
  // From the first of them, wherever the panel is.
  const [x, y] = (await places())[0]!.split(', ').map(Number) as [number, number];
  expect(await places()).toEqual([`${x}, ${y}`, `${x}, ${y + 110}`, `${x}, ${y + 220}`]);
  await desk.reading.getByRole('combobox', { name: 'Layout' }).selectOption('row');
  expect(await places()).toEqual([`${x}, ${y}`, `${x + 230}, ${y}`, `${x + 460}, ${y}`]);
  await desk.reading.getByRole('combobox', { name: 'Layout' }).selectOption('grid');
  const [first, second, third] = (await places()).map((value) => value.split(', ').map(Number));
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
  await desk.reading.getByRole('combobox', { name: 'Layout' }).selectOption('column');
  for (let n = 0; n < 4; n++) {
    await live.press(1910, 1070);
    await live.key('b');
    await desk.reading.getByRole('combobox', { name: 'Parent' }).selectOption('Panel');
  }
  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  const panel = desk.reading.getByRole('button', { name: /^Panel panel/ });
  await panel.click();
  // It has grown with the buttons.
  await desk.fillIn('Height', '240');
  const drawn = (selector: string) =>
    desk.game.evaluate((host, find) => host.shadowRoot!.querySelectorAll(find).length, selector);
  expect(await drawn('clipPath')).toBe(0);
  await desk.reading.getByRole('combobox', { name: 'Overflow' }).selectOption('clipped');
  await expect.poll(() => drawn('clipPath')).toBe(1);
  await desk.reading.getByRole('combobox', { name: 'Overflow' }).selectOption('scrolls');

  // A second panel lies over the first, until that is lifted.
  await live.press(1910, 1070);
  await live.key('p');
  const ids = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('rect')].map((node) => node.getAttribute('width')),
    );
  const order = async () =>
    (await ids()).findIndex((width) => width !== '1920' && Number(width) > 590 && Number(width) < 601);
  const before = await order();
  await panel.click();
  await desk.fillIn('Lift over siblings', '1');
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

test('a near match takes the sibling’s value, and its other edge stays where it is', async ({ desk }) => {
  await desk.begin();
  await desk.held('Options');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Heading/ }).click();
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  const place = async () => (await label.innerText()).match(/-?\d+/g)!.map(Number);
  await desk.unfold('Anchors');
  await desk.field('Offset').first().fill('0 + 5');
  await desk.field('Offset').first().press('Enter');
  const [left, , width] = await place();
  await desk.page.getByRole('button', { name: 'Align and reference' }).click();
  await desk.page.getByRole('combobox', { name: 'Reference screen' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  const near = desk.reading.getByRole('region', { name: 'Beside Pause' });
  await near.getByRole('button', { name: 'Match, the rest stays' }).first().click();
  await expect.poll(async () => (await place())[0]).not.toBe(left);
  const [now, , wide] = await place();
  expect(now! + wide!).toBe(left! + width!);
});

test('several are lined up with a faint sibling by one press, at any distance, and what is dragged catches on it', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
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
  await desk.page.getByRole('button', { name: 'Align and reference' }).click();
  await desk.page.getByRole('combobox', { name: 'Reference screen' }).selectOption('Pause');
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

test('buttons that stand by themselves become a column in one press; one more keeps its gap, and undo takes each back', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  const list = desk.reading.getByRole('region', { name: 'Elements' });
  const row = (name: string) => list.getByRole('button', { name: new RegExp(`^${name} ?(button|panel)`) });
  const at = async (words: string) =>
    (await desk.game.locator('svg text', { hasText: words }).boundingBox())!;
  const stood = await Promise.all(['Start', 'Options', 'Quit'].map(at));
  await row('Start').click();
  const all = desk.reading.getByRole('button', { name: 'All of Title' });
  await all.click();
  const whole = desk.reading.getByRole('region', { name: 'All of Title' });
  for (const name of ['Options', 'Quit'])
    await whole
      .getByRole('button', { name: new RegExp(`^${name} ?button`) })
      .click({ modifiers: ['Control'] });
  await desk.reading.getByRole('button', { name: 'Make a column' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Name of this panel' })).toHaveValue('Column');
  await expect(desk.reading.getByRole('combobox', { name: 'Layout' })).toHaveValue('column');
  // Nothing moves on the picture.
  const now = await Promise.all(['Start', 'Options', 'Quit'].map(at));
  for (const [i, box] of now.entries()) {
    expect(box.x).toBeCloseTo(stood[i]!.x, 0);
    expect(box.y).toBeCloseTo(stood[i]!.y, 0);
  }
  await desk.choose('Title');
  await list.getByRole('button', { name: 'Button', exact: true }).click();
  await expect(desk.reading.getByRole('combobox', { name: 'Parent' })).toHaveValue(/.+/);
  const added = await at('Button');
  expect(added.y - now[2]!.y).toBeCloseTo(now[2]!.y - now[1]!.y, 0);
  await desk.undo();
  await desk.undo();
  await desk.choose('Title');
  await expect(row('Start')).toBeVisible();
  await expect(row('Column')).toHaveCount(0);
});
