import { expect, test } from './desk';

for (const [held, how] of [
  [10, '10 ms'],
  [100, '100 ms'],
] as const)
  test(`Esc pressed for ${how} opens pause or closes it: twenty presses, ten of each`, async ({ desk }) => {
    await desk.playFrom('The watch');
    await desk.speed('8×');
    await desk.game.focus();
    for (let i = 0; i < 20; i++) {
      await desk.page.keyboard.press('Escape', { delay: held });
      await desk.expectUp(...(i % 2 === 0 ? ['The watch', 'Pause'] : ['The watch']));
      await desk.settled();
    }
    // The log draws what is in view and a little around it; with screens alone that is all of this.
    await desk.dock.getByRole('combobox', { name: 'Log filter' }).selectOption('screens');
    await expect(desk.log.getByRole('button', { name: 'Pause is up' })).toHaveCount(10);
    await expect(desk.log.getByRole('button', { name: 'Pause goes' })).toHaveCount(10);
  });

test('Esc held for two seconds with auto-repeat does one thing', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.page.keyboard.down('Escape');
  const from = await desk.clock();
  while ((await desk.clock()) < from + 20) await desk.page.keyboard.down('Escape');
  await desk.page.keyboard.up('Escape');
  await desk.expectUp('The watch', 'Pause');
  await desk.page.keyboard.down('Escape');
  const again = await desk.clock();
  while ((await desk.clock()) < again + 20) await desk.page.keyboard.down('Escape');
  await desk.page.keyboard.up('Escape');
  await desk.expectUp('The watch');
  await expect(desk.log.getByRole('button', { name: 'Pause is up' })).toHaveCount(1);
});

test('options goes back to where it came from, with the focus where it was', async ({ desk }) => {
  await desk.playFrom('Title');
  for (const key of ['ArrowDown', 'ArrowDown', 'Enter']) await desk.page.keyboard.press(key);
  await desk.expectUp('Title', 'Options');
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Title');
  // The focus is on Options still: Enter opens it again.
  await desk.settled();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title', 'Options');
  await desk.playFrom('The watch');
  for (const [key, ...up] of [
    ['Escape', 'The watch', 'Pause'],
    ['ArrowDown', 'The watch', 'Pause'],
    ['Enter', 'The watch', 'Pause', 'Options'],
    ['Backspace', 'The watch', 'Pause'],
    ['Enter', 'The watch', 'Pause', 'Options'],
    ['Backspace', 'The watch', 'Pause'],
    ['Escape', 'The watch'],
  ]) {
    await desk.page.keyboard.press(key!);
    await desk.expectUp(...up);
    await desk.settled();
  }
});

test('a second press during a slide is ignored, or kept when the link says so', async ({ desk }) => {
  await desk.speed('¼×');
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch');
  await desk.page.keyboard.press('Escape');
  await expect(desk.log.getByText('Press ignored: still moving')).toHaveCount(1);
  await desk.runFor(8);
  await desk.expectUp('The watch');

  await desk.choose('Title');
  const begin = desk.sentence(/^When Begin the watch is pressed/);
  await begin.getByRole('button', { name: 'On watch’s motion' }).click();
  await desk.page.getByRole('radio', { name: 'buffered until it has settled' }).check();
  await desk.page.keyboard.press('Escape');
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  await expect(desk.log.getByText('Press buffered until the transition has settled')).toHaveCount(1);
  await desk.expectUp('The watch', 'Pause');
  // Begun at one moment; the title goes in 160 ms, the watch comes in 280, and then the press is looked at.
  const at = async (words: RegExp) =>
    Number((await desk.log.getByRole('button', { name: words }).first().innerText()).split('\n')[0]);
  expect((await at(/Pause is up/)) - (await at(/The watch is up/))).toBeCloseTo(0.44, 2);
});

test('pausing freezes the game’s clock; leaving for the title and starting again leaves nothing frozen', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  const game = desk.live.getByRole('group', { name: 'Game clock' });
  await expect(game).toContainText('game runs');
  await desk.page.keyboard.press('Escape');
  await expect(game).toContainText('game frozen');
  const stands = await desk.clock('Game clock');
  await desk.runFor(10);
  expect(await desk.clock('Game clock')).toBe(stands);
  await desk.page.keyboard.press('KeyZ');
  await desk.askAboutKey('Z');
  await desk.page.keyboard.press('Escape');
  await expect(desk.log.getByText('Z → game')).toHaveCount(0);

  await desk.takeInHand();
  for (const key of ['ArrowUp', 'Enter']) await desk.page.keyboard.press(key);
  await desk.expectUp('The watch', 'Pause', 'Confirm');
  await desk.settled();
  for (const key of ['ArrowRight', 'Enter']) await desk.page.keyboard.press(key);
  await desk.expectUp('Title');
  await desk.settled();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch');
  await expect(game).toContainText('game runs');
  const before = await desk.clock('Game clock');
  await desk.runFor(10);
  expect(await desk.clock('Game clock')).toBeGreaterThan(before);
  await desk.page.keyboard.press('KeyZ');
  await expect(desk.log.getByText('Z → game')).toHaveCount(1);
});

test('from the warning to the title by itself, and lamp out goes back to the title', async ({ desk }) => {
  await desk.speed('8×');
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  await desk.expectUp('Title');
  await expect(desk.log).toContainText('4.500');
  await expect(desk.log).toContainText('10.900');
  await desk.playFrom('The watch');
  await desk.say('oil gone');
  await desk.expectUp('Lamp out');
  await desk.expectUp('Title');
});

test('a message shows for its time and goes', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('oil found', { amount: '5' });
  await desk.expectUp('The watch', 'Oil found');
  await expect.poll(() => desk.words()).toContain('Oil found: 5 % more');
  await desk.expectUp('The watch');
  const rows = await desk.log.getByRole('button', { name: /Oil found (shows|goes)/ }).allInnerTexts();
  const [goes, shows] = rows.map((row) => Number(row.split('\n')[0]));
  expect(goes! - shows!).toBeCloseTo(1.6, 2);
});

test('by pointer alone, through a click on each button', async ({ desk }) => {
  await desk.playFrom('Title');
  const click = async (x: number, y: number) => {
    const box = (await desk.game.boundingBox())!;
    await desk.page.mouse.click(box.x + (x / 1920) * box.width, box.y + (y / 1080) * box.height);
    await desk.settled();
  };
  await click(386, 770);
  await desk.expectUp('Title', 'Options');
  // Beneath a modal overlay nothing is pressed.
  await click(386, 562);
  await desk.expectUp('Title', 'Options');
  await click(1260, 908);
  await desk.expectUp('Title');
  await click(386, 562);
  await desk.expectUp('The watch');
});

test('by the drawn pad', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.openDock('Devices');
  const pad = desk.dock.getByRole('group', { name: 'Pad' });
  await pad.getByRole('button', { name: 'Pad start: Menu' }).click();
  await desk.expectUp('The watch', 'Pause');
  await desk.settled();
  await pad.getByRole('button', { name: 'Pad down: Down' }).click();
  await pad.getByRole('button', { name: 'Pad bottom button: Confirm' }).click();
  await desk.expectUp('The watch', 'Pause', 'Options');
  await desk.settled();
  await pad.getByRole('button', { name: 'Pad right button: Back' }).click();
  await desk.expectUp('The watch', 'Pause');
});

test('by a real pad, simulated', async ({ desk }) => {
  await desk.page.evaluate(() => {
    const buttons = Array.from({ length: 17 }, () => ({ pressed: false, touched: false, value: 0 }));
    const pad = {
      connected: true,
      mapping: 'standard',
      index: 0,
      id: 'test',
      axes: [0, 0, 0, 0],
      buttons,
      timestamp: 0,
    };
    Object.assign(window, { testPad: pad });
    navigator.getGamepads = () => [pad as unknown as Gamepad];
  });
  const set = (change: { button?: [number, boolean]; y?: number }) =>
    desk.page.evaluate(({ button, y }) => {
      const { testPad } = window as unknown as {
        testPad: { buttons: { pressed: boolean }[]; axes: number[] };
      };
      if (button) testPad.buttons[button[0]]!.pressed = button[1];
      if (y !== undefined) testPad.axes[1] = y;
      return new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
    }, change);
  await desk.playFrom('The watch');
  await set({ button: [9, true] });
  await desk.expectUp('The watch', 'Pause');
  await set({ button: [9, false] });
  await desk.settled();
  await set({ y: 1 });
  await set({ y: 0 });
  await set({ button: [0, true] });
  await desk.expectUp('The watch', 'Pause', 'Options');
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });
  test('a tap presses, and no focus is drawn until a direction is pressed', async ({ desk }) => {
    await desk.playFrom('Title');
    const count = (what: string) =>
      desk.game.evaluate((host, value) => host.shadowRoot!.querySelectorAll(value).length, what);
    const rings = () => count('rect[fill="none"]');
    // The title tells the focus by a lantern beside it, besides its own two pictures and the glints on the sea.
    await expect.poll(() => count('image:not(pattern image)')).toBe(4);
    const box = (await desk.game.boundingBox())!;
    await desk.page.touchscreen.tap(box.x + 0.2 * box.width, box.y + (770 / 1080) * box.height);
    await desk.expectUp('Title', 'Options');
    // The title’s own three, without its lantern, and the knobs of four rows of options.
    await expect.poll(() => count('image:not(pattern image)')).toBe(3 + 4);
    expect(await rings()).toBe(0);
    await desk.settled();
    await desk.page.keyboard.press('ArrowDown');
    await expect.poll(rings).toBe(1);
  });
});

test('styles of the page do not reach the game', async ({ desk }) => {
  await desk.playFrom('Title');
  await desk.page.addStyleTag({
    content: '* { fill: red !important; opacity: 0.1 !important; font-size: 3px !important }',
  });
  const inside = await desk.game.evaluate((host) => {
    const style = getComputedStyle(host.shadowRoot!.querySelector('text')!);
    return [style.opacity, style.fontSize];
  });
  expect(inside).toEqual(['1', '124px']);
});
