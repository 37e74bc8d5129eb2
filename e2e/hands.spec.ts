import { expect, test, type Desk } from './desk';
import { plugIn } from './hands';
import { standing, ring, pointOf, stateOf } from './rings';

async function onlyBy(desk: Desk, device: string): Promise<void> {
  const input = await desk.openDock('Devices');
  await input.getByRole('combobox', { name: 'Device' }).selectOption(device);
  await desk.takeInHand();
}

/** From the demo's start to its title, quickly. */
async function toTitle(desk: Desk): Promise<void> {
  await desk.speed('8×');
  await desk.live.getByRole('button', { name: 'Restart from the first screen' }).click();
  await desk.expectUp('Title');
  await desk.speed('1×');
  await desk.takeInHand();
  await desk.settled();
}

test.describe('from the start to the watch, through options and back', () => {
  const round = async (desk: Desk, press: (what: 'begin' | 'menu' | 'options' | 'back') => Promise<void>) => {
    for (const [what, up] of [
      ['begin', ['The watch']],
      ['menu', ['The watch', 'Pause']],
      ['options', ['The watch', 'Pause', 'Options']],
      ['back', ['The watch', 'Pause']],
      ['back', ['The watch']],
    ] as const) {
      await press(what);
      await desk.expectUp(...up);
      await desk.settled();
    }
  };

  test('by keyboard alone', async ({ desk }) => {
    await toTitle(desk);
    await onlyBy(desk, 'keys alone');
    await desk.takeInHand();
    const { keyboard } = desk.page;
    await round(desk, async (what) => {
      if (what === 'options') await keyboard.press('ArrowDown');
      await keyboard.press({ begin: 'Enter', menu: 'Escape', options: 'Enter', back: 'Backspace' }[what]);
    });
  });

  test('by pad alone; other devices do nothing', async ({ desk }) => {
    const pad = await plugIn(desk.page);
    await toTitle(desk);
    await onlyBy(desk, 'pad alone');
    await desk.takeInHand();
    await desk.page.keyboard.press('Enter');
    await desk.page.mouse.click(...(await pointOf(desk, 'Begin the watch')));
    await desk.expectUp('Title');
    await desk.settled();
    await round(desk, async (what) => {
      if (what === 'options') await pad.press(13);
      await pad.press({ begin: 0, menu: 9, options: 0, back: 1 }[what]);
    });
  });

  test('by pointer alone', async ({ desk }) => {
    await toTitle(desk);
    await onlyBy(desk, 'pointer alone');
    let paused = 0;
    await round(desk, async (what) => {
      const words = { begin: 'Begin the watch', menu: '[Esc]  Menu', options: 'Options', back: 'Back' }[what];
      paused += what === 'back' ? 1 : 0;
      await desk.page.mouse.click(...(await pointOf(desk, paused === 2 ? 'Resume' : words)));
    });
  });

  test.describe('with a finger', () => {
    test.use({ hasTouch: true });
    test('by touch alone, and an area is scrolled by dragging it', async ({ desk }) => {
      await toTitle(desk);
      await onlyBy(desk, 'touch alone');
      let paused = 0;
      await round(desk, async (what) => {
        const words = { begin: 'Begin the watch', menu: 'Menu', options: 'Options', back: 'Back' }[what];
        paused += what === 'back' ? 1 : 0;
        const menu = (await standing(desk)).find((item) => item.words.endsWith('Menu'))?.words ?? words;
        const goal = paused === 2 ? 'Resume' : what === 'menu' ? menu : words;
        await desk.page.touchscreen.tap(...(await pointOf(desk, goal)));
      });
    });
  });
});

test('subtitles read Off or On on both ways to the options, after a reload too, and are told of once a change', async ({
  desk,
}) => {
  await desk.playFrom('Title');
  const { keyboard } = desk.page;
  for (const key of ['ArrowDown', 'ArrowDown', 'Enter']) await keyboard.press(key);
  await desk.expectUp('Title', 'Options');
  await desk.settled();
  await keyboard.press('e');
  await keyboard.press('e');
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('On');
  await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('Off');
  await expect(desk.log.getByText('subtitles is Off')).toHaveCount(1);
  expect((await desk.words()).filter((value) => /^(true|false)$/.test(value))).toEqual([]);

  await desk.playFrom('Pause');
  await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await desk.expectUp('The watch', 'Pause', 'Options');
  await desk.settled();
  await desk.page.mouse.click(...(await pointOf(desk, 'Access')));
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('Off');

  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByRole('button', { name: 'Unfold subtitles' }).click();
  const pane = desk.page.getByRole('region', { name: 'Values' });
  for (const title of ['Set by', 'Read by'])
    await expect(
      pane
        .getByText(title)
        .locator('..')
        .getByRole('button', { name: /Options/ })
        .first(),
    ).toBeVisible();

  await desk.page.reload();
  await desk.playFrom('Options');
  await desk.page.mouse.click(...(await pointOf(desk, 'Access')));
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('Off');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await pane.getByRole('button', { name: 'Clear saves and settings' }).click();
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Options');
  await desk.page.mouse.click(...(await pointOf(desk, 'Access')));
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('On');
});

test('of fourteen rows the one with the focus is always in view, by keys, pad and wheel; a slider is dragged', async ({
  desk,
}) => {
  const pad = await plugIn(desk.page);
  await desk.playFrom('Options');
  const { keyboard, mouse } = desk.page;
  await keyboard.press('e');
  await keyboard.press('e');
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('On');
  await keyboard.press('ArrowDown');
  const inView = async (): Promise<void> => {
    const at = await ring(desk);
    expect(at!.top).toBeGreaterThan(0.15);
    expect(at!.bottom).toBeLessThan(0.8);
  };
  for (let n = 0; n < 13; n++) {
    await inView();
    await keyboard.press('ArrowDown');
  }
  await inView();
  for (let n = 0; n < 13; n++) {
    await pad.press(12);
    await inView();
  }
  await mouse.move(...(await pointOf(desk, 'Subtitle size')));
  await mouse.wheel(0, 2000);
  await mouse.click(...(await pointOf(desk, 'The hour on screen')));
  await expect.poll(() => stateOf(desk, 'The hour on screen')).toBe('Off');
  await mouse.wheel(0, -4000);
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('On');

  await mouse.click(...(await pointOf(desk, 'Picture')));
  const [x, y] = await pointOf(desk, 'Brightness');
  const box = (await desk.game.boundingBox())!;
  await mouse.move(x + box.width * 0.19, y);
  await mouse.down();
  await mouse.move(x + box.width * 0.3, y + 30, { steps: 5 });
  await mouse.move(x + box.width * 0.9, y + 30, { steps: 5 });
  await mouse.up();
  await expect.poll(() => stateOf(desk, 'Brightness')).toBe('100 %');
  await mouse.click(...(await pointOf(desk, 'Take back')));
  await expect.poll(() => stateOf(desk, 'Brightness')).toBe('80 %');
});

test('what plays is read out: roles, names, states, in reading order, with what has the focus', async ({
  desk,
}) => {
  await desk.playFrom('Pause');
  const game = desk.game;
  const pause = game.getByRole('dialog', { name: 'Pause' });
  await expect(pause.getByRole('heading', { name: 'The watch waits' })).toBeAttached();
  expect(await pause.getByRole('button').allInnerTexts()).toEqual([
    'Resume',
    'Options',
    'Keep this night',
    'Leave the watch',
  ]);
  await expect(pause.getByRole('button', { name: 'Resume' })).toHaveAttribute('aria-current', 'true');
  await expect(game.getByRole('region', { name: 'The watch' })).toHaveCount(0);
  await desk.page.keyboard.press('ArrowDown');
  await expect(pause.getByRole('button', { name: 'Options' })).toHaveAttribute('aria-current', 'true');
  // A screen reader's press is one.
  await pause.getByRole('button', { name: 'Options' }).dispatchEvent('click');
  await desk.expectUp('The watch', 'Pause', 'Options');
  await desk.settled();
  const options = game.getByRole('dialog', { name: 'Options' });
  await expect(options.getByRole('tab', { name: 'Picture' })).toHaveAttribute('aria-selected', 'true');
  await expect(options.getByRole('slider', { name: 'Brightness' })).toHaveAttribute('aria-valuetext', '80 %');
  await expect(options.getByRole('spinbutton', { name: 'Flashing light' })).toHaveAttribute(
    'aria-valuetext',
    'Softened',
  );
  await expect(options.getByRole('switch', { name: 'Film grain' })).toBeChecked();
  await expect(options.getByRole('switch', { name: 'Subtitles' })).toHaveCount(0);
});
