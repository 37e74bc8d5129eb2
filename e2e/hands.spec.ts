import { expect, test, type Desk } from './desk';

/** Every menu by keys, pad, pointer and touch; options that are kept; keys that players choose; the focus led by hand. */

/** The words of the picture that are in view, with where they stand in it, 0 to 1. */
const standing = (desk: Desk) =>
  desk.game.evaluate((host) => {
    const frame = host.getBoundingClientRect();
    return [...host.shadowRoot!.querySelectorAll('text')].map((each) => {
      const box = each.getBoundingClientRect();
      return {
        words: each.textContent ?? '',
        x: (box.x + box.width / 2 - frame.x) / frame.width,
        y: (box.y + box.height / 2 - frame.y) / frame.height,
      };
    });
  });

/** Where the ring of the focus is in the picture, 0 to 1; null where none is drawn. */
const ring = (desk: Desk) =>
  desk.game.evaluate((host) => {
    const frame = host.getBoundingClientRect();
    const found = host.shadowRoot!.querySelector('svg rect[fill="none"]')?.getBoundingClientRect();
    return found
      ? { top: (found.top - frame.top) / frame.height, bottom: (found.bottom - frame.top) / frame.height }
      : null;
  });

async function pointOf(desk: Desk, words: string): Promise<[number, number]> {
  let at: [number, number] | undefined;
  await expect
    .poll(async () => {
      const found = (await standing(desk)).filter((each) => each.words === words).at(-1);
      const box = (await desk.game.boundingBox())!;
      if (found) at = [box.x + found.x * box.width, box.y + found.y * box.height];
      return found !== undefined;
    })
    .toBe(true);
  return at!;
}

const onlyBy = (desk: Desk, device: string) =>
  desk.live.getByRole('combobox', { name: 'Played by' }).selectOption(device);

/** The words a row of options shows beside its name. */
async function stateOf(desk: Desk, name: string): Promise<string | undefined> {
  const all = await standing(desk);
  for (const row of all.filter((each) => each.words === name).reverse()) {
    const beside = all.find((each) => each !== row && Math.abs(each.y - row.y) < 0.01 && each.x > row.x);
    if (beside) return beside.words;
  }
  return undefined;
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
    const pad = await desk.pad();
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
        const menu = (await standing(desk)).find((each) => each.words.endsWith('Menu'))?.words ?? words;
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
  await expect(desk.trace.getByText('subtitles is Off')).toHaveCount(1);
  expect((await desk.words()).filter((each) => /^(true|false)$/.test(each))).toEqual([]);

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
  await pane.getByRole('button', { name: 'Forget what was chosen and saved' }).click();
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Options');
  await desk.page.mouse.click(...(await pointOf(desk, 'Access')));
  await expect.poll(() => stateOf(desk, 'Subtitles')).toBe('On');
});

test('of fourteen rows the one with the focus is always in view, by keys, pad and wheel; a slider is dragged', async ({
  desk,
}) => {
  const pad = await desk.pad();
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

test('players choose their keys: one that is taken is refused, and all go back to the usual', async ({
  desk,
}) => {
  await desk.playFrom('Keys');
  const { keyboard } = desk.page;
  await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('Press a key');
  await keyboard.press('t');
  await expect.poll(() => desk.words()).toContain('Tide table has it');
  await keyboard.press('b');
  await expect.poll(() => stateOf(desk, 'Back')).toBe('B');
  await expect(desk.trace).toContainText('back is B now');
  await keyboard.press('Escape');
  await desk.page.reload();
  await desk.playFrom('Keys');
  await expect.poll(() => stateOf(desk, 'Back')).toBe('B');
  await desk.page.mouse.click(...(await pointOf(desk, 'The usual keys')));
  await expect.poll(() => stateOf(desk, 'Back')).toBe('Esc');
});

test('an action is made, bound by pressing, and shown where its key bites', async ({ desk }) => {
  const pad = await desk.pad();
  await desk.page.getByRole('tab', { name: 'Values' }).click();
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
  await desk.page.getByRole('tab', { name: 'Values' }).click();
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
  await desk.live.getByRole('button', { name: 'Where the focus goes' }).click();
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
  await desk.reading.getByRole('button', { name: 'Order it by clicking through' }).click();
  const order = desk.editing.getByRole('group', { name: 'Click what is read next' });
  for (const name of [/: Leave the watch/, /: Keep this night/, /: Options/, /: Resume/])
    await order.getByRole('button', { name }).click();
  await expect(order).toHaveCount(0);
  await expect(
    desk.reading.getByRole('list', { name: 'The order it is read in' }).getByRole('listitem').first(),
  ).toContainText('Leave the watch');
  await desk.undo();
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Resume/ })
    .first()
    .click();
  await end(/^Resume, down: leads to Leave the watch, set by hand$/).dblclick();
  await expect(end(/^Resume, down: leads to Options$/)).toBeVisible();
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

test('hovering moves no focus while a pad plays, and a held direction repeats as the project says', async ({
  desk,
}) => {
  const pad = await desk.pad();
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
  await desk.reading.getByRole('combobox', { name: 'Shows the value' }).selectOption('keeper');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Name');
  await desk.page.mouse.click(...(await pointOf(desk, 'Write here')));
  await desk.page.keyboard.type('Inés');
  await desk.page.keyboard.insertText(' 👩‍🚀');
  await expect.poll(() => desk.words()).toContain('Inés 👩‍🚀');
  // While words are typed, their letters set nothing off.
  await expect(desk.trace.getByText('→ game')).toHaveCount(0);
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('z');
  await expect.poll(() => desk.words()).toContain('Inés 👩‍🚀');
});
