import { expect, test } from './desk';

/** Messages that come, wait and go. */

test('a message stacks up, is ignored while it is up, or stays until an event', async ({ desk }) => {
  const set = async (label: string, to: string) => {
    await desk.choose('Oil found');
    await desk.reading.getByRole('combobox', { name: label, exact: true }).selectOption(to);
  };
  const twice = async () => {
    await desk.playFrom('The watch');
    await desk.say('oil found', { amount: '5' });
    await desk.say('oil found', { amount: '7' });
  };
  await set('Ends', 'when the game says ship sighted');
  await set('When shown again', 'stack');
  await twice();
  await desk.settled();
  await expect
    .poll(() => desk.words())
    .toEqual(expect.arrayContaining(['Oil found: 5 % more', 'Oil found: 7 % more']));
  await desk.say('ship sighted');
  await expect.poll(() => desk.words()).not.toContain('Oil found: 5 % more');
  await set('When shown again', 'ignore');
  await twice();
  await expect(desk.log).toContainText('Oil found is up already, and ignores it');
  expect(await desk.words()).not.toContain('Oil found: 7 % more');
});

test('a message shows the picture it is told', async ({ desk }) => {
  await desk.choose('Oil found');
  await desk.reading.getByRole('textbox', { name: 'New field' }).fill('what');
  await desk.page.keyboard.press('Enter');
  await desk.reading.getByRole('combobox', { name: 'Type of what' }).selectOption('Picture');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Picture/ })
    .first()
    .click();
  await desk.reading.getByRole('combobox', { name: 'Or from', exact: true }).selectOption('what');
  const pictures = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('image')].map((node) => node.getAttribute('href')),
    );
  const shown = async () => {
    await desk.playFrom('The watch');
    await desk.say('oil found', { amount: '5' });
    await expect.poll(() => desk.words()).toContain('Oil found: 5 % more');
    return (await pictures()).at(-1);
  };
  const before = await shown();
  await desk.choose('The watch');
  const found = desk.sentence(/^When the game says oil found/);
  await expect(found).toContainText('Oil found is not told its what.');
  await found.getByRole('button', { name: 'not said', exact: true }).click();
  await desk.page.getByRole('dialog').getByRole('button').nth(2).click();
  await expect(found).not.toContainText('is not told');
  expect(await shown()).not.toBe(before);
});

test('set off twice, 0.6 s apart, a message of 1.6 s ends at 2.2 s, or in line at 3.2 s', async ({
  desk,
}) => {
  await desk.choose('Credits');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('1 s');
  await desk.page.getByRole('option', { name: /^After 1 s/ }).click();
  const timer = desk.sentence(/^After 1 s/);
  await desk.fill(timer, 'go to', 'do', /^do/);
  for (let n = 0; n < 2; n++) {
    await timer.getByRole('button', { name: 'Also show or say something' }).click();
    await desk.typing.fill('show oil found');
    await desk.page
      .getByRole('option', { name: /^Oil found/ })
      .first()
      .click();
  }
  await timer
    .getByRole('list', { name: 'In this order' })
    .getByRole('button', { name: 'Do this later' })
    .nth(1)
    .click();
  await timer.getByRole('button', { name: '0.5 s later', exact: true }).click();
  await desk.page.getByRole('textbox', { name: /^Delay/ }).fill('0.6');
  await desk.page.keyboard.press('Enter');
  await expect(timer).toHaveAccessibleName(/^After 1 s.*, show Oil found.* and 0.6 s later show Oil found/);

  /** When the message came, and when it went for good, in seconds from one to the other. */
  const lasted = async (goings: number): Promise<number> => {
    await desk.playFrom('Credits');
    const at = async (words: RegExp) =>
      (await desk.log.getByRole('button', { name: words }).allInnerTexts()).map((row) =>
        Number(row.split('\n')[0]),
      );
    await expect.poll(async () => (await at(/Oil found goes/)).length, { timeout: 15_000 }).toBe(goings);
    return (await at(/Oil found goes/))[0]! - (await at(/Oil found shows/)).at(-1)!;
  };
  expect(await lasted(1)).toBeCloseTo(2.2, 3);
  await desk.choose('Oil found');
  await desk.reading.getByRole('combobox', { name: 'When shown again' }).selectOption('queue');
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  expect(await lasted(2)).toBeCloseTo(3.2, 3);
});

test('a message lies over everything, and counts on the game’s clock', async ({ desk }) => {
  const set = async (label: string, to: string) => {
    await desk.choose('Oil found');
    await desk.reading.getByRole('combobox', { name: label, exact: true }).selectOption(to);
  };
  const pausedWithMessage = async () => {
    await desk.playFrom('The watch');
    await desk.say('oil found', { amount: '5' });
    await desk.takeInHand();
    await desk.page.keyboard.press('Escape');
    await expect(desk.live.getByRole('status', { name: 'Up now' })).toContainText('Pause');
    // The line of what is up is written before the first frame of it is drawn.
    await expect.poll(() => desk.words()).toContain('Resume');
    const words = await desk.words();
    return words.indexOf('Oil found: 5 % more') - words.indexOf('Resume');
  };
  expect(await pausedWithMessage()).toBeLessThan(0);
  await set('Shown over', 'everything');
  await set('Clock', 'the game’s clock');
  await set('Clock under a modal screen', 'keeps running');
  expect(await pausedWithMessage()).toBeGreaterThan(0);
  await desk.runFor(30);
  await expect.poll(() => desk.words()).toContain('Oil found: 5 % more');
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('The watch');
  await desk.runFor(20);
  expect(await desk.words()).not.toContain('Oil found: 5 % more');
});

test('counted from standing still, a screen’s time begins when its motion has ended; a message is taken away', async ({
  desk,
}) => {
  await desk.choose('Warning');
  await desk.reading.getByRole('button', { name: 'default motion', exact: true }).last().click();
  const own = desk.page.getByRole('dialog', { name: 'Motion of this screen' });
  await own.getByRole('radio', { name: 'Fade' }).click();
  await own.getByRole('textbox', { name: 'Duration' }).fill('400 ms');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  const timed = desk.sentence(/^After 4.5 s/);
  await timed.getByRole('button', { name: 'from the press that led here' }).click();
  await desk.page.getByRole('radio', { name: 'from standing still' }).check();
  await desk.page.keyboard.press('Escape');
  await desk.speed('8×');
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  await expect(desk.log.getByRole('button', { name: /Loading is up/ })).toContainText('4.900');
  await desk.speed('1×');
  await desk.choose('The watch');
  const ship = desk.sentence(/^When the game says ship sighted/);
  await ship.click({ position: { x: 4, y: 8 } });
  await ship.getByRole('button', { name: 'Also show or say something' }).click();
  await desk.typing.fill('take away Objective');
  await desk.page
    .getByRole('dialog')
    .getByRole('option', { name: /^Objective/ })
    .first()
    .click();
  await expect(ship).toHaveAccessibleName(/take away Objective/);
  await desk.playFrom('The watch');
  await desk.say('ship sighted');
  await expect(desk.log).toContainText('Objective goes');
});
