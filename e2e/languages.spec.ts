import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Project } from '../packages/core/src/model';
import { expect, test, type Desk } from './desk';

/** What the game says: in its languages, stretched, with plurals; and what it sounds like. */

const speak = (desk: Desk, name: string) =>
  desk.dock.getByRole('combobox', { name: 'Language of Live' }).selectOption({ label: name });

test('words typed while Live speaks another language are in that language, and stretched all is longer', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  await desk.readProject();
  const languages = desk.reading.getByRole('region', { name: 'Languages' });
  const button = languages.getByRole('button', { name: 'Languages' });
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click();
  const field = languages.getByRole('textbox', { name: /^A new language/ });
  await field.fill('nonsense!');
  await field.press('Enter');
  await expect(languages.getByRole('alert')).toContainText('Write a language tag');
  await field.fill('de');
  await field.press('Enter');
  await expect(languages).toContainText('German');

  await speak(desk, 'German');
  const live = await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Start/ })
    .first()
    .click();
  const words = desk.reading.getByRole('textbox', { name: 'Text, German' });
  await expect(words).toHaveValue('Start');
  await words.fill('Anfangen');
  await expect.poll(() => desk.words()).toContain('Anfangen');
  // Typed over the picture it is in that language too.
  await live.key('Enter');
  await desk.page.getByRole('textbox', { name: /^Text of Start/ }).fill('Los geht es');
  await desk.page.keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('Los geht es');
  await speak(desk, 'English');
  await expect.poll(() => desk.words()).toContain('Start');
  await desk.page.reload();
  await speak(desk, 'German');
  await desk.held('Title');
  await expect.poll(() => desk.words()).toContain('Los geht es');
  await speak(desk, 'Stretched, +40 %');
  await expect.poll(async () => (await desk.words()).some((value) => /^Stárt ~/.test(value))).toBe(true);
});

test('what a screen and a message are told is said in the language that is spoken', async ({ desk }) => {
  await speak(desk, 'German');
  await desk.playFrom('Title');
  await desk.page.keyboard.press('ArrowUp');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title', 'Confirm');
  await expect.poll(() => desk.words()).toContain('Die Lampe löschen?');
  await desk.playFrom('The watch');
  await expect.poll(() => desk.words()).toContain('Das Licht bis zum Morgen hüten');
  // Its row in the table leads to the sentence that tells it.
  await desk.page.getByRole('tab', { name: 'Lines' }).click();
  await desk.page.getByRole('radio', { name: 'Texts' }).click();
  const table = desk.page.getByRole('region', { name: 'Lines' });
  await table.getByRole('searchbox', { name: 'Find in the texts' }).fill('Put the lamp out');
  await table.getByRole('button', { name: 'Go to Title · what Confirm is told' }).click();
  await expect(desk.sentence(/^When Quit is pressed/)).toBeVisible();
});

test('a text counts in plurals, is checked while it is typed, and says what its value holds', async ({
  desk,
}) => {
  await desk.choose('Dawn');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /text/ })
    .last()
    .click();
  const words = desk.reading.getByRole('textbox', { name: 'Text', exact: true });
  await words.fill('{nights_kept, plural, one {# night kept}}');
  await expect(desk.reading.getByRole('note').filter({ hasText: 'it needs an “other' })).toBeVisible();
  await words.fill('{nights_kept, plural, =0 {No night kept} one {# night kept} other {# nights kept}}');
  await expect(desk.reading.getByRole('note').filter({ hasText: 'as it is written' })).toHaveCount(0);
  await expect.poll(() => desk.words()).toContain('No night kept');
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const now = desk.page.getByRole('region', { name: 'Values' }).getByLabel('nights kept now');
  for (const [n, said] of [
    ['1', '1 night kept'],
    ['4', '4 nights kept'],
  ] as const) {
    await now.fill(n);
    await now.press('Enter');
    await expect.poll(() => desk.words()).toContain(said);
  }
});

test('the usual sounds are chosen for the project and for a button, and are as loud as their value says', async ({
  desk,
}) => {
  await desk.page.addInitScript(() => {
    const heard: { address: string; volume: number }[] = [];
    Object.assign(window, { heard });
    const play = HTMLMediaElement.prototype.play;
    HTMLMediaElement.prototype.play = function (this: HTMLMediaElement) {
      const own = this as HTMLMediaElement & { told?: boolean };
      setTimeout(() => heard.push({ address: own.src.slice(0, 60), volume: own.volume }));
      return play.call(this);
    };
  });
  await desk.open();
  await desk.playFrom('Options');
  const heard = () =>
    desk.page.evaluate(() => (window as unknown as { heard: { volume: number }[] }).heard.length);
  const volume = () =>
    desk.page.evaluate(() => (window as unknown as { heard: { volume: number }[] }).heard.at(-1)!.volume);
  const before = await heard();
  await desk.page.keyboard.press('ArrowDown');
  await expect.poll(heard).toBeGreaterThan(before);
  expect(await volume()).toBeCloseTo(0.7, 2);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const sea = desk.page.getByRole('region', { name: 'Values' }).getByLabel('sea and wind now');
  await sea.fill('20');
  await sea.press('Enter');
  await desk.takeInHand();
  const then = await heard();
  await desk.page.keyboard.press('ArrowDown');
  await expect.poll(heard).toBeGreaterThan(then);
  expect(await volume()).toBeCloseTo(0.2, 2);

  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('Title');
  await desk.readProject();
  const rules = desk.reading.getByRole('region', { name: 'Sounds and volume' });
  await rules.getByRole('combobox', { name: 'The focus moves' }).selectOption('nothing');
  await desk.playFrom('Options');
  const quiet = await heard();
  await desk.page.keyboard.press('ArrowDown');
  await desk.runFor(3);
  expect(await heard()).toBe(quiet);
});

test('a name that a component says elsewhere too is kept, and the field says why', async ({ desk }) => {
  const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  // The back button says how much oil there is; the credits are told another oil.
  const back = demo.components!.find((component) => component.id === 'k-back')!;
  Object.assign(back.elements[0]!, { text: '{label} {lamp_oil}' });
  const credits = demo.screens.find((screen) => screen.name === 'Credits')!;
  credits.parameters = [
    { id: 'q-oil', name: 'lamp oil', type: 'text', default: 'none' },
    { id: 'q-who', name: 'who', type: 'text', default: 'Ines' },
  ];
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByLabel('Project file').setInputFiles({
    name: 'told.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...demo, name: 'Told' })),
  });
  await expect(desk.page.getByTitle('Projects')).toHaveText('Told');
  await desk.choose('Credits');
  const told = desk.reading.getByRole('region', { name: 'Parameters and answers' });
  const oil = told.getByRole('textbox', { name: 'Name of lamp oil' });
  await oil.fill('oil');
  await oil.press('Enter');
  await expect(told.getByRole('alert')).toHaveText(
    '“Back button” says it too, also where lamp oil is something else. Change its words first.',
  );
  await oil.press('Escape');
  await expect(oil).toHaveValue('lamp oil');
  // What only this screen says can be called otherwise.
  await told.getByRole('textbox', { name: 'Name of who' }).fill('keeper');
  await told.getByRole('textbox', { name: 'Name of who' }).press('Enter');
  await expect(told.getByRole('textbox', { name: 'Name of keeper' })).toBeVisible();
});

/** The title of the demo with a choice on it by which the player sets the language. */
async function choiceOfLanguage(desk: Desk): Promise<void> {
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await desk.reading.getByRole('combobox', { name: 'Add another element' }).selectOption('Choice');
  await desk.reading
    .getByRole('combobox', { name: 'Controls the value' })
    .selectOption({ label: 'language' });
  await expect.poll(() => desk.words()).toContain('English');
}

test('the player’s language is a value: a control sets it, Live follows, and it stays as chosen', async ({
  desk,
}) => {
  await choiceOfLanguage(desk);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  const now = desk.page.getByRole('region', { name: 'Values' }).getByLabel('language now');
  await now.selectOption({ label: 'Deutsch' });
  await expect.poll(() => desk.words()).toContain('Mitwirkende');
  await expect(desk.dock.getByRole('combobox', { name: 'Language of Live' })).toHaveValue('de');
  // Chosen under Live it is as if the player had chosen it.
  await speak(desk, 'English');
  await expect(now).toHaveValue('en');
  await speak(desk, 'German');
  await expect(now).toHaveValue('de');
  await desk.page.reload();
  await expect(desk.dock.getByRole('combobox', { name: 'Language of Live' })).toHaveValue('de');
});

test('an exported page speaks the language of the player’s system, and the one they choose, after a reload too', async ({
  desk,
  browser,
}) => {
  await choiceOfLanguage(desk);
  const { bytes } = await desk.exportAs(/One page that plays/);
  const path = join(mkdtempSync(join(tmpdir(), 'tavu-page-')), 'game.html');
  writeFileSync(path, bytes);
  const context = await browser.newContext({ offline: true, locale: 'de-AT' });
  const page = await context.newPage();
  const words = () => page.locator('#game').evaluate((host) => host.shadowRoot!.textContent);
  await page.goto(`file://${path}`);
  await expect.poll(words, { timeout: 60_000 }).toContain('Mitwirkende');
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  const choice = page.getByRole('spinbutton', { name: 'Choice' });
  await expect(choice).toHaveAttribute('aria-valuetext', 'Deutsch');
  await expect(page.locator('#game [aria-busy]')).toHaveAttribute('aria-busy', 'false');
  await page.locator('#game svg text', { hasText: 'Deutsch' }).click();
  await page.keyboard.press('ArrowRight');
  await expect.poll(words).toContain('Credits');
  await expect(page.locator('html')).toHaveAttribute('lang', 'en');
  await page.reload();
  await expect.poll(words, { timeout: 60_000 }).toContain('Credits');
  await context.close();
});

test('words are found and replaced in all texts, what will change is shown first, and one undo takes it back', async ({
  desk,
}) => {
  await desk.page.getByRole('tab', { name: 'Lines' }).click();
  await desk.page.getByRole('radio', { name: 'Texts' }).click();
  await desk.page.getByRole('button', { name: 'Replace …' }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'Replace words in texts' });
  await expect(sheet.getByRole('textbox', { name: 'Find' })).toBeFocused();
  await desk.page.keyboard.type('oil');
  await desk.page.keyboard.press('Tab');
  await desk.page.keyboard.type('fuel');
  const changes = sheet.getByRole('list', { name: 'What will change' }).getByRole('listitem');
  await expect(changes.filter({ hasText: 'Oil found' })).toContainText('Fuel found: {amount} more');
  const button = sheet.getByRole('button', { name: /^Replace in \d+ texts$/ });
  const before = await button.textContent();
  await changes.first().getByRole('checkbox').uncheck();
  await expect(button).not.toHaveText(before!);
  await button.click();
  await expect(desk.word(/^Replaced in \d+ texts/)).toBeVisible();
  const texts = desk.page.getByRole('list', { name: 'Texts' });
  await desk.page.getByRole('searchbox', { name: 'Find in the texts' }).fill('fuel found');
  await expect(texts.getByRole('listitem')).toHaveCount(1);
  await desk.undo();
  await expect(texts.getByRole('listitem')).toHaveCount(0);
  // In a translation only that changes.
  await desk.page.getByRole('searchbox', { name: 'Find in the texts' }).fill('');
  await desk.page.getByRole('button', { name: 'Replace …' }).click();
  await sheet.getByRole('combobox', { name: 'In which texts' }).selectOption('in German');
  await sheet.getByRole('textbox', { name: 'Find' }).fill('Zurück');
  await sheet.getByRole('textbox', { name: 'Replace with' }).fill('Heim');
  await expect(changes.first()).toContainText('Heim');
  await desk.page.keyboard.press('Enter');
  await desk.page.getByRole('searchbox', { name: 'Find in the texts' }).fill('Heim');
  await expect(texts.getByRole('listitem').first()).toContainText('Back');
});
