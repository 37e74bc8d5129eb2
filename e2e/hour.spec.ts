import type { Locator, Page } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Desk } from './desk';

/** A whole small game, made by its list as someone new would make it, with every press counted. */

/** What the title says in German, by where it stands. */
const GERMAN = [
  ['Title · Start', 'Start frei'],
  ['Title · Options', 'Optionen'],
  ['Title · Quit', 'Beenden'],
  ['Title · Continue', 'Weiter'],
] as const;

/** Presses of the pointer and keys that a person made, counted by the page. */
interface Counted {
  clicks: number;
  keys: number;
}
async function count(page: Page): Promise<() => Promise<Counted>> {
  await page.evaluate(() => {
    const counted = { clicks: 0, keys: 0 };
    Object.assign(window, { counted });
    addEventListener('pointerdown', () => counted.clicks++, { capture: true });
    addEventListener('keydown', ({ key }) => /^(Shift|Control)$/.test(key) || counted.keys++, {
      capture: true,
    });
  });
  return () => page.evaluate(() => (window as unknown as { counted: Counted }).counted);
}

/** The score goes up, a level is told, leaving asks, and Continue is there after a save and keeps the score. */
async function playsAsMade(desk: Desk): Promise<void> {
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const { keyboard } = desk.page;
  await desk.playFrom('Play');
  await desk.say('point');
  await expect.poll(() => desk.words()).toContain('Score 1');
  await desk.say('level up');
  await expect.poll(() => desk.words()).toContain('Level 1!');
  await desk.takeInHand();
  await keyboard.press('Escape');
  await expect.poll(() => desk.words()).toContain('Resume');
  await desk.settled();
  for (const key of ['ArrowUp', 'Enter']) await keyboard.press(key);
  await expect.poll(() => desk.words()).toEqual(expect.arrayContaining(['Leave?', 'Yes', 'No']));
  await desk.settled();
  await desk.game.locator('svg text', { hasText: 'Yes' }).click();
  await expect.poll(() => desk.words()).toContain('Continue');
  await desk.settled();
  for (const key of ['ArrowUp', 'Enter']) await keyboard.press(key);
  await expect.poll(() => desk.words()).toContain('Score 1');
}

test('a small game is made by hand with 130 clicks and 300 keys at most', async ({ desk, browser }) => {
  test.setTimeout(300_000);
  const { page, reading } = desk;
  const { keyboard } = page;
  const counted = await count(page);
  /** A native list of choices costs two clicks, which the page is not told of. */
  let lists = 0;
  const pick = async (list: Locator, label: string): Promise<void> => {
    await list.selectOption(label);
    lists += 2;
  };
  const type = (text: string): Promise<void> => keyboard.type(text);

  const blank = (sentence: Locator, name: string | RegExp): Locator =>
    sentence.getByRole('button', { name, exact: typeof name === 'string' }).first();
  const goTo = async (name: string): Promise<void> => {
    await desk.map.getByRole('button', { name: 'The whole map' }).click();
    await expect(desk.card(name)).toBeInViewport({ ratio: 0.9 });
    await desk.card(name).click();
  };

  await test.step('a new project with its screens', async () => {
    await page.getByTitle('Projects').click();
    const form = page.getByRole('form', { name: 'New project' });
    await form.getByRole('checkbox', { name: 'HUD' }).check();
    await form.getByRole('textbox', { name: /^More/ }).click();
    await type('Logo');
    await form.getByRole('button', { name: 'Make it and run it' }).click();
    await expect(page.getByTitle('Projects')).toHaveText(/^My game/);
    await desk.expectUp('Logo');
  });

  await test.step('a title with Continue, where a game has been saved', async () => {
    await goTo('Title');
    await reading.getByRole('button', { name: 'Button', exact: true }).click();
    await reading.getByRole('textbox', { name: 'Text', exact: true }).click();
    await keyboard.press('Control+a');
    await type('Continue');
    await reading.getByRole('button', { name: 'When it is pressed …' }).click();
    const on = desk.sentence(/^When Continue is pressed/);
    await expect(blank(on, 'Somewhere')).toBeFocused();
    await keyboard.press('Enter');
    await type('Play');
    await keyboard.press('Enter');
    await blank(on, 'Also show or say something').click();
    await type('load');
    await keyboard.press('Enter');
    await blank(on, 'if …').click();
    await page.getByRole('button', { name: 'a save exists' }).click();
    await keyboard.press('Escape');
    await expect(on).toHaveAccessibleName(/if a save exists, load .*then go to Play/);
  });

  await test.step('play with a score', async () => {
    await goTo('HUD');
    await pick(reading.getByRole('combobox', { name: 'Add another element' }), 'Score');
    await goTo('Play');
    await reading.getByRole('button', { name: 'When …' }).click();
    await type('point');
    await keyboard.press('Enter');
    const scored = desk.sentence(/^When the game says point/);
    await blank(scored, 'Also show or say something').click();
    await type('score');
    await keyboard.press('Enter');
    await expect(scored).toHaveAccessibleName(/set score to score \+ 1/);
  });

  await test.step('a pause that keeps the game and asks before leaving', async () => {
    await goTo('Pause');
    await desk.chooseSentence(/^When Leave is pressed/);
    const leave = desk.sentence(/^When Leave is pressed/);
    await blank(leave, 'Also show or say something').click();
    await type('save');
    await keyboard.press('Enter');
    await reading.getByRole('button', { name: 'ask first' }).click();
    await expect(leave).toHaveAccessibleName(/open Confirm over this/);
  });

  await test.step('options', async () => {
    await goTo('Options');
    await pick(reading.getByRole('combobox', { name: 'Add another element' }), 'Rows of options');
  });

  await test.step('a level-up message', async () => {
    await goTo('Play');
    await reading.getByRole('button', { name: 'When …' }).click();
    await type('level up');
    await keyboard.press('Enter');
    const up = desk.sentence(/^When the game says level up/);
    await blank(up, 'Also show or say something').click();
    await type('Level {score}!');
    await keyboard.press('Enter');
  });

  await test.step('slides between screens', async () => {
    await keyboard.press('Control+k');
    await type('slide');
    await keyboard.press('Enter');
    await desk.defaults.getByRole('radio', { name: 'Slide' }).first().click();
  });

  await test.step('a second language, which a row of the options sets', async () => {
    await keyboard.press('Control+k');
    await type('language');
    await keyboard.press('Enter');
    await reading.getByRole('textbox', { name: /^A new language/ }).click();
    await type('de');
    await keyboard.press('Enter');
    await goTo('Options');
    await pick(reading.getByRole('combobox', { name: 'Add another element' }), 'Row for the language');
    await page.getByRole('tab', { name: 'Lines' }).click();
    await page.getByRole('radio', { name: 'Texts' }).click();
    const table = page.getByRole('region', { name: 'Lines' });
    for (const [place, words] of GERMAN) {
      await table.getByRole('textbox', { name: `${place}, in de`, exact: true }).click();
      await type(words);
      await keyboard.press('Tab');
    }
    await desk.kept();
  });

  const { clicks, keys } = await counted();
  expect(clicks + lists).toBeLessThanOrEqual(130);
  expect(keys).toBeLessThanOrEqual(300);
  test.info().annotations.push({ type: 'counted', description: `${clicks + lists} clicks, ${keys} keys` });

  await test.step('it plays', () => playsAsMade(desk));

  await test.step('the exported page is German for a German system, English once a player asks, and stays so', async () => {
    const { bytes } = await desk.exportAs(/One page that plays/);
    const path = join(mkdtempSync(join(tmpdir(), 'tavu-page-')), 'game.html');
    writeFileSync(path, bytes);
    const german = await browser.newContext({ offline: true, locale: 'de-DE' });
    const game = await german.newPage();
    const words = () => game.locator('#game').evaluate((host) => host.shadowRoot!.textContent);
    const pressed = (text: string) => game.locator('#game svg text', { hasText: text }).click();
    await game.goto(`file://${path}`);
    await expect.poll(words, { timeout: 60_000 }).toContain('Beenden');
    await expect(game.locator('#game [aria-busy]')).toHaveAttribute('aria-busy', 'false');
    await pressed('Optionen');
    await expect.poll(words).toContain('Deutsch');
    await pressed('Deutsch');
    await game.keyboard.press('ArrowRight');
    await expect(game.locator('html')).toHaveAttribute('lang', 'en');
    await game.reload();
    await expect.poll(words, { timeout: 60_000 }).toContain('Quit');
    await german.close();
  });
});

test('the same game is made by keys alone, 500 at most', async ({ desk }) => {
  test.setTimeout(300_000);
  const { page } = desk;
  const { keyboard } = page;
  const counted = await count(page);
  const press = async (...keys: string[]): Promise<void> => {
    for (const key of keys) await keyboard.press(key);
  };
  const type = (text: string): Promise<void> => keyboard.type(text);
  const find = async (words: string): Promise<void> => {
    await press('Control+k');
    await expect(desk.typing).toBeFocused();
    await type(words);
    await press('Enter');
    await expect(desk.typing).toHaveCount(0);
  };
  /** Presses a key until the keyboard is at what is meant, as somebody does who watches the ring go. */
  const until = async (key: string, goal: Locator): Promise<void> => {
    for (let i = 0; i < 30; i++) {
      await press(key);
      if (await goal.evaluateAll((all) => all.includes(document.activeElement as HTMLElement))) return;
    }
    throw new Error(`The keyboard does not come to ${goal}`);
  };
  const blank = (name: string): Locator => desk.reading.getByRole('button', { name, exact: true });
  const edited = (locator: Locator): Promise<void> => expect(locator).toBeFocused();
  const also = async (words: string): Promise<void> => {
    await until('Tab', blank('Also show or say something'));
    await press('Enter');
    await type(words);
    await press('Enter');
  };
  const whenever = async (trigger: string, effect: string): Promise<void> => {
    await find('when …');
    await expect(blank('When …')).toBeFocused();
    await press('Enter');
    await type(trigger);
    await press('Enter');
    await edited(blank('Somewhere'));
    await also(effect);
  };

  await test.step('a new project with its screens', async () => {
    await find('new project');
    await expect(page.getByRole('textbox', { name: 'Its name' })).toBeFocused();
    await until('Tab', page.getByRole('checkbox', { name: 'HUD' }));
    await press('Space', 'Tab');
    await type('Logo');
    await press('Tab', 'Enter');
    await desk.expectUp('Logo');
    await expect(desk.game).toBeFocused();
  });

  await test.step('a title with Continue, where a game has been saved', async () => {
    await find('title');
    await edited(desk.card('Title'));
    await find('put button');
    await edited(desk.editing);
    await press('Enter');
    await type('Continue');
    await press('Enter');
    await edited(desk.editing);
    await find('when cont');
    await edited(blank('Somewhere'));
    await press('Enter');
    await type('Play');
    await press('Enter');
    await edited(blank('Play'));
    await also('load');
    await edited(blank('load slot'));
    await until('Tab', blank('if …'));
    await press('Enter');
    await expect(page.getByRole('dialog', { name: 'Only if' })).toBeVisible();
    await until('Shift+Tab', page.getByRole('button', { name: 'a save exists', exact: true }));
    await press('Enter', 'Escape');
    await expect(desk.sentence(/^When Continue is pressed/)).toHaveAccessibleName(
      /if a save exists, load .*then go to Play/,
    );
  });

  await test.step('play with a score', async () => {
    await find('hud');
    await edited(desk.card('HUD'));
    await find('put score');
    await edited(desk.editing);
    await find('play');
    await edited(desk.card('Play'));
    await whenever('point', 'score');
  });

  await test.step('a pause that keeps the game and asks before leaving', async () => {
    await find('pause');
    await edited(desk.card('Pause'));
    await find('when leave');
    await edited(blank('Leave'));
    await also('save');
    await edited(blank('save to slot'));
    await until('Tab', blank('ask first'));
    await press('Enter');
    await edited(blank('Confirm').first());
  });

  await test.step('options', async () => {
    await find('options');
    await edited(desk.card('Options'));
    await find('put rows');
    await edited(desk.editing);
  });

  await test.step('a level-up message', async () => {
    await find('play');
    await edited(desk.card('Play'));
    await whenever('level up', 'Level {score}!');
    await expect(desk.sentence(/^When the game says level up/)).toHaveAccessibleName(/show Level \{score\}!/);
  });

  await test.step('slides between screens', async () => {
    await find('slide');
    await expect(desk.defaults.getByRole('radio', { name: 'Fade' }).first()).toBeFocused();
    // A choice is made while the arrow is down, as long as a hand is on it.
    await keyboard.press('ArrowRight', { delay: 80 });
    await expect(desk.defaults.getByRole('radio', { name: 'Slide' }).first()).toBeChecked();
  });

  await test.step('a second language, which a row of the options sets', async () => {
    await find('language');
    await press('Tab');
    await type('de');
    await press('Enter');
    await expect(desk.reading.getByRole('textbox', { name: /^A new language/ })).toBeFocused();
    await find('options');
    await edited(desk.card('Options'));
    await find('put row for');
    await edited(desk.editing);
    await find('texts');
    await until('Tab', page.getByRole('textbox', { name: 'Loading · Heading, in de', exact: true }));
    for (const [place, words] of GERMAN) {
      await until('ArrowDown', page.getByRole('textbox', { name: `${place}, in de`, exact: true }));
      await type(words);
    }
  });

  await test.step('the page that plays is saved', async () => {
    const file = await desk.download(() => find('one page'));
    expect(file.name).toBe('my-game.html');
  });

  const { clicks, keys } = await counted();
  expect(clicks).toBe(0);
  expect(keys).toBeLessThanOrEqual(500);
  test.info().annotations.push({ type: 'counted', description: `${keys} keys` });
  await test.step('it plays', () => playsAsMade(desk));
});
