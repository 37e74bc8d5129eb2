import { expect, test } from './desk';

/** The map and the grid of a flow. */

test('an area is made around a screen, its rule holds there, and it folds on the map', async ({ desk }) => {
  await desk.begin(['Shop']);
  await desk.choose('Play');
  await desk.reading.getByRole('combobox', { name: 'Area' }).selectOption('new area …');
  const name = desk.reading.getByRole('textbox', { name: 'Name' });
  await name.fill('Island');
  await name.press('Enter');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('lost at sea');
  await desk.page.getByRole('option', { name: /When the game says “lost at sea”/ }).click();
  await desk.fill(desk.sentence(/^When the game says lost at sea/), 'Somewhere', 'Title', 'Title');
  await desk.playFrom('Play');
  await desk.say('lost at sea');
  await desk.expectUp('Title');
  await desk.map.getByRole('button', { name: 'Fold Island' }).click();
  await expect(desk.map.getByRole('button', { name: 'Island, folded area' })).toBeVisible();
  await expect(desk.card('Play')).toHaveCount(0);
  await desk.map.getByRole('button', { name: 'Unfold Island' }).click();
  // Dragged into the box, another screen is in it.
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  await desk.choose('Shop');
  const island = (await desk.card('Play').boundingBox())!;
  const shop = (await desk.card('Shop').boundingBox())!;
  await desk.page.mouse.move(shop.x + 20, shop.y + shop.height - 6);
  await desk.page.mouse.down();
  await desk.page.mouse.move(island.x + 24, island.y + island.height - 2, { steps: 8 });
  await desk.page.mouse.up();
  await expect(desk.reading.getByRole('combobox', { name: 'Area' })).toHaveValue(/^r-/);
});

test('several screens are chosen at once, moved, copied to another project, and taken out', async ({
  desk,
}) => {
  await desk.choose('Dawn');
  await desk.choose('Credits', ['Shift']);
  await expect(desk.reading.getByText('2 screens')).toBeVisible();
  await desk.reading.getByRole('combobox', { name: 'Area' }).selectOption('On watch');
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  await desk.map.getByRole('button', { name: 'Area On watch' }).click();
  await expect(desk.reading.getByRole('region', { name: 'Screens in this area' })).toContainText('Dawn');
  await desk.undo();
  await desk.choose('Dawn');
  await desk.choose('Credits', ['Shift']);
  await desk.card('Title').focus();
  await desk.page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await desk.page.keyboard.press('Control+c');
  await desk.begin();
  await desk.card('Title').focus();
  await desk.page.keyboard.press('Control+v');
  await expect(desk.card('Dawn')).toBeVisible();
  await expect(desk.card('Credits')).toBeVisible();
  await desk.playFrom('Dawn');
  await expect.poll(() => desk.words()).toContain('Dawn');
  await desk.choose('Dawn');
  await desk.choose('Credits', ['Shift']);
  await desk.reading.getByRole('button', { name: 'Delete' }).click();
  await expect(desk.card('Credits')).toHaveCount(0);
});

test('the grid shows each link where row and column meet, makes new ones, and tells what has no way back', async ({
  desk,
}) => {
  await desk.page.getByRole('tab', { name: 'Grid' }).click();
  const grid = desk.page.getByRole('region', { name: 'Grid' });
  const row = grid.getByRole('row', { name: /^Warning/ });
  await row.getByRole('button', { name: '4.5 s' }).click();
  await expect(desk.sentence(/^After 4.5 s/)).toHaveAttribute('aria-current', 'true');
  await row.getByRole('button', { name: 'New link from Warning to Title' }).click();
  await desk.typing.fill('confirm');
  await desk.page
    .getByRole('option', { name: /^Confirm/ })
    .first()
    .click();
  await expect(desk.sentence(/^When Confirm .* go to Title/)).toBeVisible();
  await desk.undo();
  await expect(desk.sentence(/^When Confirm .* go to Title/)).toHaveCount(0);
});

test('the map looks at some only, says where something is wrong, and keeps rows until it is tidied', async ({
  desk,
}) => {
  const filter = desk.map.getByRole('button', { name: /looked at|Look at some/ });
  await filter.click();
  await desk.page.getByRole('combobox', { name: 'Only those' }).selectOption('with findings');
  await desk.page
    .getByRole('list', { name: 'Findings' })
    .getByRole('button', { name: /Logbook/ })
    .click();
  await expect(desk.sentence(/Logbook/)).toHaveAttribute('aria-current', 'true');
  await desk.page.getByRole('button', { name: 'Clear the filter' }).click();
  await desk.page.keyboard.press('Escape');

  const top = async () => (await desk.card('Lamp out').boundingBox())!.y;
  const before = await top();
  await desk.card('Warning').focus();
  await desk.page.keyboard.press('l');
  await desk.typing.fill('Lamp out');
  await desk.page
    .getByRole('dialog')
    .getByRole('option', { name: /^Lamp out/ })
    .first()
    .click();
  expect(await top()).toBe(before);
  await desk.map.getByRole('button', { name: /^Tidy/ }).click();
  await expect.poll(top).toBeLessThan(before);
});

test('three hundred screens open, pan, are searched and run', async ({ desk }) => {
  test.setTimeout(120_000);
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await expect(desk.page.getByTitle('Projects')).toHaveText('Three hundred lights');
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill('Light 13');
  await desk.page
    .getByRole('option', { name: /^Light 13/ })
    .first()
    .click();
  await desk.expectUp('Light 13');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await desk.takeInHand();
  await desk.settled();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Chapel 13');
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  await expect(desk.map.getByRole('button', { name: /^Coast 13, / })).toBeVisible();
});

test('links are faint until their card is chosen or their label is pointed at', async ({ desk }) => {
  const strong = desk.map.locator('[data-way]');
  const ways = () => strong.evaluateAll((all) => all.map((way) => way.getAttribute('data-way')!));
  // What leads to the chosen card and what leaves it, and no other.
  for (const [name, id] of [
    ['Tide table', 's-tide'],
    ['Loading', 's-loading'],
  ] as const) {
    await desk.choose(name);
    await expect
      .poll(async () => (await ways()).length > 1 && (await ways()).every((way) => way.includes(id)))
      .toBe(true);
  }
  const label = desk.map.getByRole('button', { name: /^When Quit is pressed/ });
  const before = await strong.count();
  await label.hover();
  await expect(strong).toHaveCount(before + 1);
  await desk.page.mouse.move(5, 5);
  await expect(strong).toHaveCount(before);
});

test('links to a card that many lead to are named at their labels until unfolded; the overview jumps', async ({
  desk,
}) => {
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await expect(desk.page.getByTitle('Projects')).toHaveText('Three hundred lights');
  const card = desk.card('Lamp out');
  await card.focus();
  const follow = desk.map.getByRole('button', { name: 'Follow to Lamp out' });
  await expect(follow.first()).toBeAttached();
  const told = await follow.count();
  const unfold = desk.map.getByRole('button', { name: /^Show the links from \d+ places that lead here$/ });
  await desk.map
    .locator('[data-card]', { has: desk.page.getByRole('button', { name: /^Lamp out, / }) })
    .getByRole('button', { name: /^Show the links/ })
    .click();
  await expect.poll(() => follow.count()).toBeLessThan(told);
  await desk.map.getByRole('button', { name: /^Hide the links from/ }).click();
  await expect.poll(() => follow.count()).toBe(told);
  expect(await unfold.count()).toBeGreaterThan(0);
  // A name at a label leads there all the same.
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill('Title');
  await desk.page.keyboard.press('Enter');
  await expect(desk.card('Title')).toBeInViewport({ ratio: 1 });
  await desk.map.getByRole('button', { name: 'Follow to Options' }).first().click();
  await expect(desk.reading.getByRole('textbox', { name: 'Name' })).toHaveValue('Options');
  await expect(desk.card('Options')).toBeInViewport();
  const start = desk.card('Options');

  // By press, and by the keys alone.
  const overview = desk.map.getByRole('button', { name: /^Overview/ });
  const small = (await overview.boundingBox())!;
  await desk.page.mouse.click(small.x + small.width * 0.6, small.y + small.height * 0.5);
  await expect(start).not.toBeInViewport();
  await overview.focus();
  const left = async () =>
    (await desk.map
      .getByRole('button', { name: /^Area Coast/ })
      .first()
      .boundingBox())!.x;
  const at = await left();
  await desk.page.keyboard.press('ArrowRight');
  await expect.poll(left).toBeLessThan(at);
});

test('pressed twice from far, a card comes near; the wheel scrolls and a drag pans', async ({ desk }) => {
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  const width = async () => (await desk.card('Pause').boundingBox())!.width;
  const far = await width();
  await desk.card('Pause').dblclick();
  await expect.poll(width).toBeGreaterThan(2 * far);
  await expect(desk.card('Pause')).toBeInViewport({ ratio: 1 });
  await expect(desk.map.getByRole('textbox', { name: 'Name' })).toHaveCount(0);
  await desk.card('Pause').dblclick();
  await expect(desk.map.getByRole('textbox', { name: 'Name' })).toBeVisible();
});

test('map, grid and list share one order and one filter; the grid folds areas and leaves out what is empty', async ({
  desk,
}) => {
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await expect(desk.page.getByTitle('Projects')).toHaveText('Three hundred lights');
  await desk.map.getByRole('button', { name: 'Look at some only' }).click();
  await desk.page.getByRole('combobox', { name: 'Only this area' }).selectOption('Coast 2');
  await desk.page.keyboard.press('Escape');
  await desk.page.getByRole('tab', { name: 'Grid' }).click();
  const grid = desk.page.getByRole('region', { name: 'Grid' });
  const rows = grid.getByRole('rowheader');
  await expect(rows).toHaveText([/^Quay 2/, /^Light 2/, /^Market 2/, /^Cove 2/, /^Chapel 2/]);
  await grid.getByRole('checkbox', { name: 'Only where there are links' }).uncheck();
  await expect(rows.first()).toContainText('Coast 2');
  await expect(rows.last()).toHaveText('Everywhere');
  await expect(grid.getByRole('columnheader', { name: 'Quay 2' })).toBeVisible();
  await desk.page.keyboard.press('Control+\\');
  const list = desk.page.getByRole('navigation', { name: 'Screens' });
  await expect(list.getByRole('button', { name: / 2$/ })).toHaveText([
    'Quay 2',
    'Light 2',
    'Market 2',
    'Cove 2',
    'Chapel 2',
  ]);
  await list.getByRole('button', { name: 'Only some are looked at' }).click();
  await desk.page.getByRole('button', { name: 'Clear the filter' }).click();
  await desk.page.keyboard.press('Escape');
  await expect(list.getByRole('button', { name: /^Title/ })).toBeVisible();
  await desk.page.keyboard.press('Control+\\');
  await desk.page.keyboard.press('Control+\\');
  // All areas folded: one row and one column each, and the heads stay in view.
  await grid.getByRole('button', { name: 'Fold all areas' }).click();
  await expect(grid.getByRole('rowheader', { name: /^Unfold Coast 1 / })).toBeVisible();
  await expect(grid.getByRole('rowheader', { name: /Quay 1\b/ })).toHaveCount(0);
  await grid.evaluate((frame) => frame.scrollTo(400, 500));
  await expect(grid.getByRole('columnheader', { name: 'from' })).toBeInViewport();
  await grid.evaluate((frame) => frame.scrollTo(0, 0));
  await grid.getByRole('button', { name: 'Unfold Coast 1', exact: true }).click();
  await expect(grid.getByRole('rowheader', { name: 'Quay 1', exact: true })).toBeVisible();
});
