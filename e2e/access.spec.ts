import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Desk } from './desk';

/** Whether a press anywhere in the 24 pixels round the middle of a target meets that target. */
const isMet = (desk: Desk, selector: string): Promise<boolean> =>
  desk.page
    .locator(selector)
    .first()
    .evaluate((target) => {
      const box = target.getBoundingClientRect();
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      const spots = [-11.5, 0, 11.5].flatMap((dx) => [-11.5, 0, 11.5].map((dy) => [x + dx, y + dy] as const));
      return spots.every(([left, top]) => target.contains(document.elementFromPoint(left, top)));
    });

/** `within`: only there. */
async function expectNothingSerious(desk: Desk, within = 'body'): Promise<void> {
  const { violations } = await new AxeBuilder({ page: desk.page })
    .include(within)
    // Only what is wrong is asked for: what passes takes most of the time.
    .options({ resultTypes: ['violations'] })
    // The window has no frames, and gathering what frames found takes longer than the finding.
    .setLegacyMode()
    // Small pictures of the game are its own look, cut off where they are not wanted.
    .exclude('[data-picture]')
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations.filter(
    (violation) => violation.impact === 'serious' || violation.impact === 'critical',
  );
  // Cards that the map cuts off lie under its neighbours by their boxes alone: what counts is what a press meets.
  for (const result of serious)
    if (result.id === 'target-size') {
      const met = await Promise.all(result.nodes.map((node) => isMet(desk, String(node.target[0]))));
      result.nodes = result.nodes.filter((_, i) => !met[i]);
    }
  expect(
    serious
      .filter((result) => result.nodes.length > 0)
      .map(
        (result) =>
          `${result.id}: ${result.nodes
            .map((node) => node.target.join(' '))
            .slice(0, 4)
            .join(' | ')}`,
      ),
  ).toEqual([]);
}

for (const theme of ['day', 'night'])
  test(`axe finds nothing serious on any pane, ${theme} theme`, async ({ desk }) => {
    // A dozen analyses of the whole window.
    test.setTimeout(240_000);
    if (theme === 'night') await desk.page.getByRole('button', { name: 'Night theme' }).click();
    await expectNothingSerious(desk);
    await desk.playFrom('The watch');
    await desk.say('oil found', { amount: '5' });
    await desk.openDock('Devices');
    await desk.sentence(/^When the game says radio call/).click();
    await expectNothingSerious(desk);
    await desk
      .sentence(/^When the game says radio call/)
      .getByRole('button', { name: 'radio call' })
      .click();
    await expectNothingSerious(desk);
    await desk.page.keyboard.press('Escape');
    await desk
      .sentence(/^When the game says radio call/)
      .getByRole('button', { name: /motion$/ })
      .click();
    await expectNothingSerious(desk);
    await desk.page.keyboard.press('Escape');
    await desk.choose('Title');
    await desk.reading.getByRole('button', { name: /^Begin the watch button/ }).click();
    await expectNothingSerious(desk);
    await desk.page.getByTitle('Projects').click();
    await expectNothingSerious(desk);
    await desk.page.keyboard.press('Escape');
    await desk.page.keyboard.press('Control+k');
    await expectNothingSerious(desk);
    await desk.page.keyboard.press('Escape');
    await desk.page.getByRole('button', { name: 'Help and keys' }).click();
    await expectNothingSerious(desk);
    await desk.page.keyboard.press('Escape');
    await desk.page.keyboard.press('Control+\\');
    await expectNothingSerious(desk);
  });

test('axe finds nothing serious where values, conditions, areas and the grid are', async ({ desk }) => {
  test.setTimeout(240_000);
  await desk.choose('The watch');
  const found = desk.sentence(/^When the game says oil found/);
  await found.click();
  await found.getByRole('button', { name: 'if …' }).click();
  await desk.page.getByRole('combobox', { name: 'Only if' }).fill('lamp_oli <');
  await expectNothingSerious(desk);
  await desk.page.keyboard.press('Escape');
  await desk.map.getByRole('button', { name: 'Area On watch' }).click();
  await expectNothingSerious(desk);
  await desk.page.getByRole('tab', { name: 'Grid' }).click();
  await expect(desk.page.getByRole('region', { name: 'Grid' })).toBeVisible();
  await expectNothingSerious(desk);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const values = desk.page.getByRole('region', { name: 'Values' });
  await values.getByRole('button', { name: 'Unfold lamp oil' }).click();
  await expectNothingSerious(desk);
  await desk.page.getByRole('tab', { name: 'Input', exact: true }).click();
  await expectNothingSerious(desk);
  await desk.page.getByRole('tab', { name: 'Events' }).click();
  await desk.page.getByRole('button', { name: 'Unfold objective' }).click();
  await expectNothingSerious(desk);
});

test('axe finds nothing serious where dialogue is written', async ({ desk }) => {
  test.setTimeout(240_000);
  await desk.page.getByRole('tab', { name: 'Lines' }).click();
  const lines = desk.page.getByRole('region', { name: 'Lines' });
  await lines.getByRole('textbox', { name: 'What is said' }).first().click();
  await expectNothingSerious(desk);
  for (const name of ['Routines', 'Speakers', 'Texts']) {
    await lines.getByRole('radio', { name }).click();
    await expectNothingSerious(desk);
  }
});

test('by keyboard alone: a project, playing, holding, moving, linking, undoing, exporting', async ({
  desk,
}) => {
  const { keyboard } = desk.page;
  const type = async (...keys: string[]) => {
    for (const key of keys) await keyboard.press(key);
  };
  // A new project, from the search.
  await type('Control+k');
  await expect(desk.typing).toBeFocused();
  await keyboard.type('projects');
  await type('Enter');
  const form = desk.page.getByRole('form', { name: 'New project' });
  await expect(form).toBeVisible();
  while (
    !(await form.getByRole('textbox', { name: /^More/ }).evaluate((box) => box === document.activeElement))
  )
    await type('Tab');
  await keyboard.type('Credits');
  await type('Tab', 'Enter');
  await desk.expectUp('Title');
  await desk.settled();
  // Into Live by its key, to the game, and play.
  const focusIs = (locator: ReturnType<Desk['card']>) =>
    locator.evaluate((item) => item === document.activeElement);
  while (!(await focusIs(desk.game))) await type('F6');
  await type('Enter');
  await desk.expectUp('Play');
  await desk.settled();
  await type('Escape');
  await desk.expectUp('Play', 'Pause');
  // The one way out, then hold.
  await type('Shift+Escape');
  await expect(desk.live.getByText('Click the game to take it in hand')).toBeVisible();
  await type('F8');
  await expect(desk.live.getByText('Held.')).toBeVisible();
  // Choose an element and move it.
  while (!(await focusIs(desk.editing))) await type('Shift+Tab');
  await type(']', ']', ']');
  const across = desk.reading.getByRole('textbox', { name: 'X', exact: true });
  const before = Number(await across.inputValue());
  await type('Shift+ArrowRight', 'ArrowRight');
  await expect(across).toHaveValue(String(before + 11));
  await type('Enter');
  await expect(desk.page.getByRole('textbox', { name: /^Text of/ }).last()).toBeVisible();
  await keyboard.type('Go on');
  await type('Enter');
  await expect.poll(() => desk.words()).toContain('Go on');
  // On the map: to a card, a new link from it, undo.
  while (
    !(await desk.map
      .getByRole('button')
      .first()
      .evaluate((item) => item.closest('section')!.contains(document.activeElement)))
  )
    await type('Shift+F6');
  while (!(await focusIs(desk.card('Title')))) await type('Tab');
  await type('Enter', 'ArrowDown');
  expect(await focusIs(desk.card('Title'))).toBe(false);
  await type('l');
  await expect(desk.typing).toBeFocused();
  await keyboard.type('Harbour');
  await type('Enter');
  await expect(desk.card('Harbour')).toBeVisible();
  await type('Control+z');
  await expect(desk.card('Harbour')).toHaveCount(0);
  // Hand over.
  const file = await desk.download(async () => {
    await type('Control+k');
    await expect(desk.typing).toBeFocused();
    await keyboard.type('export one page');
    await type('Enter');
  });
  expect(file.name).toBe('my-game.html');
});

test('the window works at 1024 and at 1920 wide: nothing is cut off or under something else', async ({
  desk,
}) => {
  await desk.choose('Title');
  for (const [width, height] of [
    [1024, 700],
    [1920, 1080],
  ] as const) {
    await desk.page.setViewportSize({ width, height });
    for (const control of [
      desk.live.getByRole('button', { name: 'Resume' }),
      desk.live.getByRole('button', { name: 'Start here' }),
      desk.page.getByRole('button', { name: 'Export' }),
      desk.page.getByRole('button', { name: 'Help and keys' }),
      desk.map.getByRole('button', { name: 'The whole map' }),
    ])
      await control.click({ trial: true });
    expect(await desk.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});

test('with letters at twice their size nothing is lost: what has no room is scrolled to', async ({
  desk,
}) => {
  // Zoomed to 200 %, a window of 1280 × 800 has this many pixels of its own.
  await desk.page.setViewportSize({ width: 640, height: 400 });
  for (const pane of ['Grid', 'Lines', 'Values', 'Events', 'Input', 'Assets', 'Map'])
    await desk.page.getByRole('tab', { name: pane, exact: true }).click();
  await desk.choose('Title');
  for (const control of [
    desk.live.getByRole('button', { name: 'Start here' }),
    desk.live.getByRole('button', { name: 'Draw: panel' }),
    desk.page.getByRole('button', { name: 'Export' }),
    desk.page.getByRole('button', { name: 'The game alone' }),
    desk.map.getByRole('button', { name: 'The whole map' }),
    desk.dock.getByRole('button', { name: 'Screen sizes' }),
    desk.reading.getByRole('button', { name: /^Begin the watch button/ }),
  ])
    await control.click({ trial: true });
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await expect(desk.typing).toBeInViewport();
  const { width, height } = await desk.page.evaluate(() => ({
    width: document.documentElement.scrollWidth,
    height: document.documentElement.scrollHeight,
  }));
  expect([width, height]).toEqual([1000, 600]);
});

test('axe finds nothing serious where screens are assembled', async ({ desk }) => {
  test.setTimeout(240_000);
  await desk.choose('Options');
  await expectNothingSerious(desk);
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Flashing light/ }).click();
  await desk.reading.getByRole('button', { name: 'All of Options' }).click();
  await expectNothingSerious(desk);
  await desk.reading
    .getByRole('region', { name: 'All of Options' })
    .getByRole('button', { name: /^Back Back button/ })
    .click();
  await expectNothingSerious(desk);
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.reading
    .getByRole('region', { name: 'Box', exact: true })
    .getByRole('button', { name: /^Fill: / })
    .click();
  await expectNothingSerious(desk);
  await desk.page.keyboard.press('Escape');
  await desk.openDock('Screen sizes');
  await desk.page.getByRole('tab', { name: 'Assets' }).click();
  await expect(desk.page.getByRole('region', { name: 'Assets' })).toBeVisible();
  await expectNothingSerious(desk);
});

test('axe finds nothing serious with notes, several elements, and the styles to choose from', async ({
  desk,
}) => {
  test.setTimeout(180_000);
  await desk.begin();
  await desk.held('Pause');
  const { reading, page } = desk;
  await desk.unfold('Notes');
  const fresh = reading.getByRole('textbox', { name: /^A new note/ });
  await fresh.fill('Darker?');
  await expectNothingSerious(desk);
  await fresh.press('Enter');
  await reading.getByRole('combobox', { name: 'Status' }).selectOption('done');
  await expect(desk.live.getByRole('button', { name: '1 open note on Pause' })).toBeVisible();
  await expectNothingSerious(desk);
  const what = reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Resume/ }).click();
  for (const title of ['Anchors', 'Opacity', 'All of Pause']) await desk.unfold(title);
  await expectNothingSerious(desk);
  await reading.getByRole('combobox', { name: 'Text style' }).click();
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
  // Nothing else can be reached while the list is open.
  await expectNothingSerious(desk, '[role="listbox"]');
  await page.keyboard.press('Escape');
  await reading
    .getByRole('region', { name: 'All of Pause' })
    .getByRole('button', { name: /^Options/ })
    .click({ modifiers: ['Shift'] });
  await expect(reading.getByRole('region', { name: 'Several elements' })).toBeVisible();
  await expectNothingSerious(desk);
});
