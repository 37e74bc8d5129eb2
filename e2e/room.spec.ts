import { expect, test, type Desk } from './desk';

/** How much room the game has, in every state and at every size of the window. */

const STATES: Record<string, (desk: Desk) => Promise<unknown>> = {
  playing: (desk) => desk.takeInHand(),
  held: (desk) => desk.choose('Options'),
  'held, with an element chosen': async (desk) => {
    await desk.choose('Title');
    await desk.editing.press(']');
    await expect(desk.reading.getByRole('region', { name: 'Element', exact: true })).toBeVisible();
  },
  'with its pad, its sizes and time open': async (desk) => {
    await desk.openDock('Time');
    await desk.openDock('Devices');
    await desk.openDock('Screen sizes');
  },
  'with all of that taller': (desk) => desk.dock.getByRole('button', { name: 'Make this taller' }).click(),
};

for (const [width, height, least] of [
  [1280, 800, 500],
  [1920, 1080, 900],
] as const)
  test(`at ${width} × ${height} the game is ${least} px wide at least, whatever is open`, async ({
    desk,
  }) => {
    await desk.page.setViewportSize({ width, height });
    for (const [state, bring] of Object.entries(STATES)) {
      await bring(desk);
      const game = (await desk.game.boundingBox())!;
      expect(game.width, state).toBeGreaterThanOrEqual(least);
      expect(game.width / game.height, state).toBeCloseTo(16 / 9, 2);
      const live = (await desk.live.boundingBox())!;
      expect(game.y + game.height, state).toBeLessThanOrEqual(live.y + live.height);
      expect(await desk.live.evaluate((pane) => pane.scrollHeight - pane.clientHeight), state).toBe(0);
    }
  });

test('held, the game stays where it played', async ({ desk }) => {
  await desk.takeInHand();
  const played = await desk.game.boundingBox();
  await desk.page.keyboard.press('F8');
  await expect(desk.live.getByRole('toolbar', { name: 'Put on the screen' })).toBeVisible();
  expect(await desk.game.boundingBox()).toEqual(played);
});

test('a game of another shape fills the same room', async ({ desk }) => {
  const room = async () => (await desk.game.locator('xpath=../..').boundingBox())!;
  const before = await room();
  const sizes = await desk.openDock('Screen sizes');
  for (const [name, ratio] of [
    [/^4 : 3/, 4 / 3],
    [/^9 : 16|^Phone/, null],
  ] as const) {
    await sizes.getByRole('button', { name }).first().click();
    await expect
      .poll(async () => {
        const { width, height } = (await desk.game.boundingBox())!;
        const now = await room();
        return Math.min(now.width - width, now.height - height);
      })
      .toBeLessThan(2);
    const { width, height } = (await desk.game.boundingBox())!;
    if (ratio !== null) expect(width / height).toBeCloseTo(ratio, 1);
    expect(await room()).toEqual(before);
  }
});

test('the tools of a held screen stand in one row at every width, and all of them under More by name', async ({
  desk,
}) => {
  await desk.choose('Title');
  const row = desk.live.getByRole('toolbar', { name: 'Put on the screen' });
  await expect(row).toBeVisible();
  for (const width of [1024, 1280, 1920, 2560]) {
    await desk.page.setViewportSize({ width, height: 800 });
    const boxes = await row
      .getByRole('button')
      .evaluateAll((all) => all.map((button) => button.getBoundingClientRect().toJSON() as DOMRect));
    const shown = boxes.filter((box) => box.width > 0);
    expect(shown.length).toBeGreaterThan(5);
    const bar = (await row.boundingBox())!;
    for (const box of shown) {
      expect(Math.abs(box.y + box.height / 2 - (shown[0]!.y + shown[0]!.height / 2))).toBeLessThan(2);
      expect(box.right).toBeLessThanOrEqual(bar.x + bar.width);
    }
  }
  await row.getByRole('button', { name: 'More …' }).click();
  const more = desk.page.getByRole('dialog', { name: 'Draw something else' });
  await expect(more.getByRole('option', { name: /^Touch zone/ })).toBeAttached();
  await more.getByRole('combobox').fill('slider');
  await desk.page.keyboard.press('Enter');
  await expect(row.getByRole('button', { name: 'Draw: slider' })).toHaveAttribute('aria-pressed', 'true');
});

test('what is open below the game is remembered, found by its name, and closed by its button', async ({
  desk,
}) => {
  const part = (name: string) => desk.dock.getByRole('region', { name, exact: true });
  await expect(part('Devices')).toHaveCount(0);
  await desk.page.keyboard.press('Control+k');
  await expect(desk.typing).toBeFocused();
  await desk.page.keyboard.type('show devices');
  await desk.page.keyboard.press('Enter');
  await expect(part('Devices')).toBeInViewport();
  await expect(part('Devices')).toBeFocused();
  await expect(part('Devices').getByRole('combobox')).toBeVisible();
  await desk.page.keyboard.press('Tab');
  await expect(part('Devices').getByRole('combobox')).toBeFocused();
  await desk.dock.getByRole('button', { name: 'Time', exact: true }).click();
  await expect(part('Time')).toHaveCount(0);
  await desk.open();
  await expect(part('Devices')).toBeVisible();
  await expect(part('Time')).toHaveCount(0);
  for (const name of ['Log', 'Game events', 'Devices'])
    await desk.dock.getByRole('button', { name, exact: true }).click();
  const closed = (await desk.dock.boundingBox())!;
  expect(closed.height).toBeLessThan(40);
});

test('one key shows the game alone and runs on, another press brings the window back as it was', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  const { keyboard } = desk.page;
  const before = (await desk.game.boundingBox())!;
  await keyboard.press('F9');
  await expect(desk.dock).toHaveCount(0);
  await expect(desk.map).toHaveCount(0);
  await expect(desk.reading).toHaveCount(0);
  await expect(desk.live.getByRole('button', { name: 'Hold' })).toHaveCount(0);
  await expect.poll(async () => (await desk.game.boundingBox())!.width).toBe(1280);
  // The run has gone on, and its keys are still the game's.
  await expect.poll(() => desk.words()).toContain('Keep the light burning until sunrise');
  await keyboard.press('Escape');
  await expect.poll(() => desk.words()).toContain('Resume');
  // The keys can be given back here too.
  await keyboard.press('Shift+Escape');
  await expect(desk.game).not.toBeFocused();
  await keyboard.press('F9');
  await desk.expectUp('The watch', 'Pause');
  await expect(desk.game).toBeFocused();
  await expect(desk.unusedKey).toHaveCount(0);
  await expect.poll(async () => (await desk.game.boundingBox())!.width).toBe(before.width);
  await expect(desk.map).toBeVisible();
});

test('the game on the whole screen is left by the key it came by', async ({ desk }) => {
  await desk.takeInHand();
  await desk.page.keyboard.press('Shift+F9');
  await expect.poll(() => desk.page.evaluate(() => document.fullscreenElement !== null)).toBe(true);
  await desk.page.keyboard.press('Shift+F9');
  await expect.poll(() => desk.page.evaluate(() => document.fullscreenElement === null)).toBe(true);
  await expect(desk.dock).toBeVisible();
});
