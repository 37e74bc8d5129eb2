/**
 * Takes docs/screenshots anew from the demo, with the application served at http://localhost:4180: `node scripts/pictures.mjs`, or
 * with the names of some.
 */
import { chromium } from '@playwright/test';

const wanted = process.argv.slice(2);
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'],
});

/** One picture: a fresh window, what to do in it, and what is then seen. */
async function picture(name, act, options = {}) {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    ...options,
  });
  const page = await context.newPage();
  await page.addInitScript({ content: "localStorage.setItem('tavu first notes', 'gone')" });
  await page.goto('http://localhost:4180/');
  const region = (label) => page.getByRole('region', { name: label, exact: true });
  const live = region('Live');
  await live.waitFor({ timeout: 60_000 });
  const reading = page.getByRole('complementary', { name: 'Reading' });
  const card = (label) =>
    region('Map').getByRole('button', { name: new RegExp(`^${label}, (base|overlay|notice|HUD)`) });
  const choose = async (label) => {
    await card(label).focus();
    await card(label).click();
  };
  const sentence = (words) => reading.getByRole('group', { name: words });
  const settle = () => page.waitForTimeout(900);
  const play = async (label) => {
    await choose(label);
    await live.getByRole('button', { name: 'Start here' }).click();
    await page.getByRole('application', { name: 'The game' }).focus();
    await settle();
  };
  const tab = (label) => page.getByRole('tab', { name: label }).click();
  const element = async (screen, label) => {
    await choose(screen);
    await reading
      .getByRole('region', { name: 'Elements' })
      .getByRole('button', { name: label })
      .first()
      .click();
  };
  await act({ page, live, reading, region, choose, sentence, play, tab, element, settle });
  await page.mouse.move(640, 2);
  await settle();
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  console.log(name);
  await context.close();
}

await picture('window', async ({ play }) => play('The watch'));
await picture('held', async ({ element, choose, reading, page }) => {
  await choose('Pause');
  const notes = reading.getByRole('region', { name: 'Notes' });
  await notes.getByRole('button', { name: 'Notes' }).click();
  await notes.getByRole('textbox').fill('Is the question too long for one look?');
  await page.keyboard.press('Enter');
  await reading.getByRole('combobox', { name: 'Status' }).selectOption('for review');
  await element('Pause', /^Options/);
});
await picture('asking', async ({ play, page }) => {
  await play('The watch');
  await page.keyboard.press('m');
  await page.keyboard.press('Shift+Enter');
});
await picture('sentence', async ({ choose, sentence }) => {
  await choose('Title');
  await sentence(/^When Options is pressed/)
    .getByRole('button', { name: /motion/ })
    .click();
});
await picture('projects', async ({ page }) => {
  await page.getByTitle('Projects').click();
  await page.locator('[data-kept] svg[data-picture]').waitFor();
});
await picture('values', async ({ tab, page }) => {
  await tab('Values');
  await page.getByRole('button', { name: 'Unfold lamp oil' }).click();
});
await picture('actions', async ({ tab, region }) => {
  await tab('Input');
  await region('Actions').getByText('Directions').scrollIntoViewIfNeeded();
});
await picture('focus', async ({ choose, live, reading }) => {
  await choose('Pause');
  await live.getByRole('button', { name: 'Focus arrows' }).click();
  await reading.getByRole('button', { name: 'Focus on this screen' }).click();
  await reading.getByRole('list', { name: 'Reading and focus order' }).scrollIntoViewIfNeeded();
});
await picture('grid', async ({ tab }) => tab('Grid'));
await picture('lines', async ({ page, region, tab }) => {
  await tab('Lines');
  const lines = region('Lines');
  await lines.getByRole('button', { name: 'Play it' }).click();
  await lines.getByRole('textbox', { name: 'What is said' }).first().click();
  await page.waitForTimeout(1600);
});
await picture('area', async ({ page }) => page.getByRole('button', { name: 'Area On watch' }).click());
await picture('component', async ({ element }) => element('Options', /^Brightness/));
await picture('sizes', async ({ play, region }) => {
  await play('The watch');
  await region('Below the game').getByRole('button', { name: 'Screen sizes' }).click();
  await region('Below the game').getByText('4 : 3').click();
});
await picture('assets', async ({ tab }) => tab('Assets'));
await picture('looks', async ({ element, reading }) => {
  await element('Title', /^Begin the watch|^Begin/);
  const lettering = reading.getByRole('region', { name: 'Typography', exact: true });
  await lettering.evaluate((group) => group.scrollIntoView({ block: 'start' }));
});
await picture('transition', async ({ choose, sentence, page, region }) => {
  await choose('Loading');
  await sentence(/go to Title/).click({ position: { x: 4, y: 8 } });
  const head = region('Time').getByRole('slider', { name: /^Moment/ });
  await head.focus();
  for (let n = 0; n < 3; n++) await page.keyboard.press('Shift+ArrowRight');
});
await picture('time', async ({ choose, page, region }) => {
  await choose('Loading');
  await region('Below the game').getByRole('button', { name: 'Make this taller' }).click();
  const head = region('Time').getByRole('slider', { name: /^Moment/ });
  await head.focus();
  for (let n = 0; n < 20; n++) await page.keyboard.press('Shift+ArrowRight');
});
await picture('map', async ({ page, region }) => {
  // Past Live wide.
  for (let n = 0; n < 2; n++) await page.keyboard.press('Control+\\');
  await region('Map').getByRole('button', { name: 'The whole map' }).click();
});
await picture('night', async ({ page, play }) => {
  await page.getByRole('button', { name: 'Night theme' }).click();
  await play('The watch');
});
await browser.close();
