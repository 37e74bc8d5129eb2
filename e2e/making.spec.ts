import type { Locator } from '@playwright/test';
import { expect, test, type Desk } from './desk';

test('a new project runs at once: loading, title, play, pause over play, options over both, game over', async ({
  desk,
}) => {
  await desk.begin();
  await desk.expectUp('Loading');
  await desk.expectUp('Title');
  await desk.settled();
  await desk.takeInHand();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play');
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play', 'Pause');
  await desk.settled();
  for (const key of ['ArrowDown', 'Enter']) await desk.page.keyboard.press(key);
  await desk.expectUp('Play', 'Pause', 'Options');
  await desk.settled();
  for (const [key, ...up] of [
    ['Escape', 'Play', 'Pause'],
    ['Escape', 'Play'],
  ]) {
    await desk.page.keyboard.press(key!);
    await desk.expectUp(...up);
    await desk.settled();
  }
  await desk.say('game over');
  await desk.expectUp('Game over');
  await desk.expectUp('Title');
});

test('screen names can be typed, and unticked; a name too long is refused with words', async ({ desk }) => {
  await desk.page.getByTitle('Projects').click();
  const form = desk.page.getByRole('form', { name: 'New project' });
  const more = form.getByRole('textbox', { name: /^More/ });
  await more.fill('x'.repeat(200));
  await expect(form.getByText(/too long/)).toBeVisible();
  await expect(form.getByRole('button', { name: 'Make it and run it' })).toBeDisabled();
  await more.fill('Studio logo\nCredits');
  await form.getByRole('checkbox', { name: 'Options' }).uncheck();
  await form.getByRole('button', { name: 'Make it and run it' }).click();
  await expect(desk.card('Studio logo')).toBeVisible();
  await expect(desk.card('Credits')).toBeVisible();
  await expect(desk.card('Options')).toHaveCount(0);
  await desk.expectUp('Studio logo');
});

test('a button that leads nowhere stops the run and asks; a typed name makes the screen, and play goes on', async ({
  desk,
}) => {
  await desk.begin();
  await desk.playFrom('Title');
  await desk.live.getByRole('button', { name: 'Hold' }).click();
  await desk.reading.getByRole('button', { name: 'Button', exact: true }).click();
  const words = desk.reading.getByRole('textbox', { name: 'Text', exact: true });
  await words.fill('Harbour tour');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  const box = (await desk.game.boundingBox())!;
  const place = await desk.game.evaluate((host) => {
    const text = [...host.shadowRoot!.querySelectorAll('text')].find(
      (node) => node.textContent === 'Harbour tour',
    )!;
    const rect = text.getBoundingClientRect();
    return { x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 };
  });
  expect(place.x).toBeGreaterThan(box.x);
  // The click that takes the game in hand is no press of it.
  await desk.page.mouse.click(place.x, place.y);
  await expect(desk.game).toBeFocused();
  await expect(desk.asking).toHaveCount(0);
  await desk.page.mouse.click(place.x, place.y);
  await expect(desk.asking).toContainText('When Harbour tour is pressed,');
  const now = await desk.clock();
  await desk.page.getByRole('textbox', { name: /^When Harbour tour/ }).fill('Harbour');
  expect(await desk.clock()).toBe(now);
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Harbour');
  await desk.runFor(6);
  await expect.poll(() => desk.words()).toEqual(expect.arrayContaining(['Harbour', 'Back']));
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Title');
});

test('a key that leads nowhere makes an overlay; the same key is bound from then on', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Play');
  await desk.page.keyboard.press('m');
  await desk.askAboutKey('M');
  await desk.asking.getByRole('radio', { name: 'open over this' }).click();
  await desk.page.getByRole('textbox', { name: /^When M/ }).fill('Chart');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play', 'Chart');
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play');
  await desk.settled();
  await desk.page.keyboard.press('m');
  await desk.expectUp('Play', 'Chart');
  await desk.undo();
  await desk.undo();
  await expect(desk.card('Chart')).toHaveCount(0);
});

test('an event never declared becomes a message with its reading time', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Play');
  await desk.dock.getByRole('button', { name: 'new …' }).click();
  await desk.typing.fill('lamp low');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking).toContainText('When the game says lamp low,');
  await desk.asking.getByRole('radio', { name: 'show' }).click();
  await desk.page.getByRole('textbox', { name: /^When the game/ }).fill('The lamp burns low');
  await expect(desk.asking).toContainText('Shows for 1.4 s');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play', 'The lamp burns low');
  await expect.poll(() => desk.words()).toContain('The lamp burns low');
  await desk.expectUp('Play');
});

test('dead ends can be left, and the asking turned off for a pure run', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Play');
  await desk.page.keyboard.press('k');
  await desk.askAboutKey('K');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking.getByRole('alert')).toContainText('Type a name');
  await desk.page.keyboard.press('Escape');
  await expect(desk.asking).toHaveCount(0);
  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.takeInHand();
  await desk.page.keyboard.press('k');
  await expect(desk.log.getByText('K leads nowhere here')).toHaveCount(2);
  await expect(desk.unusedKey).toHaveCount(0);
});

test('Shift by itself asks nothing, so that the way out is free', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Play');
  await desk.page.keyboard.press('Shift');
  await desk.page.keyboard.press('Shift+Escape');
  await expect(desk.live.getByText('Click the game to take it in hand')).toBeVisible();
  await expect(desk.asking).toHaveCount(0);
  await desk.expectUp('Play');
});

test('holding gives the keyboard to the editing layer, and letting go gives it back', async ({ desk }) => {
  await desk.playFrom('Title');
  await desk.page.keyboard.press('F8');
  await expect(desk.editing).toBeFocused();
  await desk.page.keyboard.press('F8');
  await expect(desk.game).toBeFocused();
});

test('running into a gap asks whether to make it; left alone, a stand-in has its name and a way back', async ({
  desk,
}) => {
  await desk.playFrom('Dawn');
  await desk.page.keyboard.press('e');
  await desk.expectUp('Logbook');
  const asked = desk.page.getByRole('form', { name: 'A screen not made yet' });
  await expect(asked).toContainText('Logbook is not made yet.');
  await desk.page.keyboard.press('Escape');
  await desk.settled();
  await expect.poll(() => desk.words()).toEqual(['Logbook', 'This screen is not made yet', 'Back']);
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Dawn');
});

test('a gap made where it is run into becomes the screen, and play goes on there', async ({ desk }) => {
  await desk.playFrom('Dawn');
  await desk.page.keyboard.press('e');
  await desk.page.getByRole('button', { name: 'Make it, and go on' }).press('Enter');
  await desk.expectUp('Logbook');
  await expect(desk.card('Logbook')).toHaveAccessibleName(/base, up now/);
  await desk.settled();
  expect(await desk.words()).not.toContain('This screen is not made yet');
});

test('an answer nobody waits for is asked about like a unused key, and what it asks for has to be said', async ({
  desk,
}) => {
  // Credits asks the confirm, and waits for no answer.
  await desk.choose('Credits');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('next');
  await desk.page
    .getByRole('option', { name: /Next tab/ })
    .first()
    .click();
  const tab = desk.sentence(/^When Next tab/);
  await desk.fill(tab, 'go to', 'open', /open over this/);
  await desk.fill(tab, 'Somewhere', 'Confirm', /Confirm/);
  await expect(tab).toContainText('Confirm is not told its question.');
  await tab.getByRole('button', { name: 'not said', exact: true }).click();
  await desk.page.getByRole('combobox', { name: /^question/ }).fill('"Read on?"');
  await desk.page.keyboard.press('Enter');
  await expect(tab).not.toContainText('is not told');
  await desk.playFrom('Credits');
  await desk.page.keyboard.press('e');
  await desk.expectUp('Credits', 'Confirm');
  await desk.settled();
  await expect.poll(() => desk.words()).toContain('Read on?');
  await desk.page.keyboard.press('ArrowRight');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking).toContainText('When Confirm answers Yes,');
  await desk.asking.getByRole('textbox').fill('Title');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title');
  await desk.choose('Credits');
  await expect(desk.sentence('When Confirm answers Yes, go to Title, Title’s motion.')).toBeVisible();
});

test('a mark on the strip leads back to just before it', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('oil gone');
  await desk.expectUp('Lamp out');
  await desk.time.getByRole('button', { name: /oil gone, go to Lamp out/ }).click();
  await desk.expectUp('The watch');
  await expect(desk.live.getByText('Held.')).toBeVisible();
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.runFor(5);
  await desk.expectUp('The watch');
});

/** The seven screens that are played into existence, in the order a designer comes by them. */
const SEVEN = ['Title', 'Play', 'Pause', 'Options', 'Chart', 'Game over', 'Credits'];

/** Counts what hands do: clicks, and keys besides the letters of a name. */
class Hands {
  readonly #desk: Desk;
  clicks = 0;
  keys = 0;
  constructor(desk: Desk) {
    this.#desk = desk;
  }
  async click(on: Locator): Promise<void> {
    this.clicks++;
    await on.click();
  }
  async key(...keys: string[]): Promise<void> {
    for (const key of keys) {
      this.keys++;
      await this.#desk.page.keyboard.press(key);
    }
  }
  async type(name: string): Promise<void> {
    await this.#desk.page.keyboard.type(name);
  }
}

/** Plays from a title that is alone to all seven: each is asked for where it is led to, named, and played on from. */
async function playSeven(desk: Desk, hands: Hands, ask: (overlay: boolean) => Promise<void>): Promise<void> {
  const made = async (name: string, overlay: boolean): Promise<void> => {
    await expect(desk.asking).toBeVisible();
    await ask(overlay);
    await hands.type(name);
    await hands.key('Enter');
    await expect(desk.card(name)).toBeVisible();
    await expect(desk.game).toBeFocused();
    await desk.settled();
  };
  const noted = async (name: string): Promise<void> => {
    await expect(desk.unusedKey).toContainText(`${name} leads nowhere.`);
    await hands.key('Shift+Enter');
  };
  // The title’s own buttons: Start, Options, Quit.
  await hands.key('Enter');
  await made('Play', false);
  await hands.key('Escape');
  await noted('Esc');
  await made('Pause', true);
  await hands.key('ArrowDown', 'Enter');
  await made('Options', true);
  await hands.key('Escape');
  await desk.settled();
  await hands.key('Escape');
  await desk.expectUp('Play');
  await desk.settled();
  await hands.key('m');
  await noted('M');
  await made('Chart', true);
  await hands.key('Escape');
  await desk.expectUp('Play');
  await desk.settled();
  await hands.key('g');
  await noted('G');
  await made('Game over', false);
  await hands.key('c');
  await noted('C');
  await made('Credits', false);
  await desk.expectUp('Credits');
  for (const name of SEVEN) await expect(desk.card(name)).toBeVisible();
}

test('seven screens are played into existence with 18 clicks and 23 keys at most', async ({ desk }) => {
  const hands = new Hands(desk);
  await hands.click(desk.page.getByTitle('Projects'));
  const form = desk.page.getByRole('form', { name: 'New project' });
  await expect(form).toBeVisible();
  for (const name of SEVEN.filter((value) => value !== 'Title')) {
    const box = form.getByRole('checkbox', { name, exact: true });
    if ((await box.count()) > 0) await hands.click(box);
  }
  await hands.click(form.getByRole('checkbox', { name: 'Loading', exact: true }));
  await expect(form.getByRole('checkbox', { checked: true })).toHaveCount(1);
  await hands.click(form.getByRole('button', { name: 'Make it and run it' }));
  await expect(desk.game).toBeFocused();
  await desk.expectUp('Title');
  await desk.settled();
  await playSeven(desk, hands, async (overlay) => {
    if (overlay) await hands.click(desk.asking.getByRole('radio', { name: 'open over this' }));
  });
  expect(hands.clicks).toBeLessThanOrEqual(18);
  expect(hands.keys).toBeLessThanOrEqual(23);
});

test('seven screens are played into existence by 60 keys alone at most', async ({ desk }) => {
  const hands = new Hands(desk);
  await hands.key('Control+k');
  await expect(desk.typing).toBeFocused();
  await hands.type('new project');
  await hands.key('Enter');
  const form = desk.page.getByRole('form', { name: 'New project' });
  await expect(form).toBeVisible();
  // The keyboard is in the project’s name; its screens follow.
  await expect(form.getByRole('textbox', { name: 'Its name' })).toBeFocused();
  for (const name of ['Loading', 'Title', 'Play', 'Pause', 'Options', 'Game over']) {
    await hands.key('Tab');
    await expect(form.getByRole('checkbox', { name, exact: true })).toBeFocused();
    if (name !== 'Title') await hands.key('Space');
  }
  await hands.key('Enter');
  await expect(desk.game).toBeFocused();
  await desk.expectUp('Title');
  await desk.settled();
  await playSeven(desk, hands, async (overlay) => {
    if (overlay) await hands.key('ArrowDown');
  });
  expect(hands.clicks).toBe(0);
  expect(hands.keys).toBeLessThanOrEqual(60);
});
