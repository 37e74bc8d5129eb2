import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FORMAT } from '../packages/core/src/model';
import { chromiumFlags, chromiumPath } from '../playwright.config';
import { Desk, expect, test } from './desk';

async function rename(desk: Desk, to: string): Promise<void> {
  await desk.choose('Credits');
  const name = desk.reading.getByRole('textbox', { name: 'Name' });
  await name.fill(to);
  await name.press('Enter');
  await expect(desk.card(to)).toBeVisible();
}

test('a reload finds everything as it was', async ({ desk }) => {
  await rename(desk, 'Thanks');
  await desk.kept();
  await desk.page.reload();
  await expect(desk.card('Thanks')).toBeVisible();
  await expect(desk.card('Credits')).toHaveCount(0);
});

test('what is said to be kept is there after a kill', async ({ baseURL }) => {
  const profile = mkdtempSync(join(tmpdir(), 'tavu-profile-'));
  const launch = () =>
    chromium.launchPersistentContext(profile, { executablePath: chromiumPath, args: chromiumFlags, baseURL });
  const first = await launch();
  const desk = new Desk(first.pages()[0]!);
  await desk.open();
  await rename(desk, 'Thanks');
  await desk.kept();
  const closed = new Promise((done) => first.on('close', done));
  execFileSync('pkill', ['-9', '-f', profile]);
  await closed;
  const second = await launch();
  const again = new Desk(second.pages()[0]!);
  await again.open();
  await expect(again.card('Thanks')).toBeVisible();
  await second.close();
  rmSync(profile, { recursive: true, force: true });
});

test('saved as a file and opened again it is the same, with its pictures', async ({ desk }) => {
  await rename(desk, 'Thanks');
  const file = await desk.exportAs(/The project as a file/);
  expect(file.name).toBe('saltwick-light.tavu.zip');
  await desk.undo();
  await desk.page.getByTitle('Projects').click();
  await desk.page
    .getByLabel('Project file')
    .setInputFiles({ name: file.name, mimeType: 'application/zip', buffer: file.bytes });
  await expect(desk.card('Thanks')).toBeVisible();
  await desk.choose('Title');
  const pictures = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('image')].map((node) => node.getAttribute('href')),
    );
  // Four by themselves, and the nine parts of the faces of five buttons and a key.
  await expect.poll(async () => (await pictures()).length).toBe(4 + 9 * 6);
  expect(await pictures()).toEqual(Array(58).fill(expect.stringMatching(/^blob:/)));
  // It is a project of its own beside the one it came from, and told from it by its name.
  await desk.page.getByTitle('Projects').click();
  const kept = desk.page.getByRole('region', { name: 'Kept in this browser' });
  await expect(kept.getByRole('listitem')).toHaveCount(2);
  await expect(kept.getByRole('button', { name: /^Saltwick Light 2 open / })).toBeVisible();
});

test('files that cannot be read are refused with place and reason, and the open project is untouched', async ({
  desk,
}) => {
  await desk.begin();
  const { bytes } = await desk.exportAs(/The project as a file/);
  const whole = bytes.toString('utf8');
  await desk.page.getByTitle('Projects').click();
  const files: [string, string, RegExp][] = [
    ['words.json', 'this is not json', /line 1, column \d+: This is not JSON/],
    ['half.json', whole.slice(0, whole.length / 2), /line \d+, column \d+: The file ends in the middle/],
    [
      'types.json',
      whole.replace('"margin": 5', '"margin": "wide"'),
      /design\.margin: It should be a number; it is “wide”/,
    ],
    [
      'newer.json',
      whole.replace(`"format": ${FORMAT}`, '"format": 99'),
      /format: It is format 99; this version reads up to \d/,
    ],
    [
      'proto.json',
      whole.replace('"design":', '"__proto__": {"polluted": true}, "design":'),
      /__proto__: A key named “__proto__” is not allowed/,
    ],
    ['empty.json', '', /The file is empty/],
  ];
  for (const [name, text, reason] of files) {
    await desk.page
      .getByLabel('Project file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
    const alert = desk.page.getByRole('alert').filter({ hasText: name });
    await expect(alert).toContainText('was not opened. Nothing has changed.');
    await expect(alert).toContainText(reason);
  }
  expect(await desk.page.evaluate(() => 'polluted' in {})).toBe(false);
  await desk.page.keyboard.press('Escape');
  await expect(desk.page.getByTitle('Projects')).toHaveText('My game');
  await expect(desk.card('Pause')).toBeVisible();
});

test('one HTML file plays with no network and asks for none', async ({ desk, browser }) => {
  const file = await desk.exportAs(/One page that plays/);
  expect(file.name).toBe('saltwick-light.html');
  const folder = mkdtempSync(join(tmpdir(), 'tavu-page-'));
  const path = join(folder, file.name);
  writeFileSync(path, file.bytes);
  const context = await browser.newContext({ offline: true });
  const page = await context.newPage();
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  page.on('pageerror', (error) => asked.push(error.message));
  // Whoever embeds the page is told when the first picture is there, and what covered it has gone by then.
  await page.addInitScript(() => {
    addEventListener('tavu-shown', () => (document.title = 'shown'));
  });
  await page.goto(`file://${path}`);
  await expect(page).toHaveTitle('shown');
  await expect(page.locator('#cover')).toHaveCount(0);
  const screen = (name: string) => page.locator(`#game [aria-label="${name}"]`);
  const shows = (name: string) => expect(screen(name)).toBeAttached({ timeout: 60_000 });
  await shows('Warning');
  await shows('Title');
  // A press is made once, when the transition before it is over.
  const press = async (key: string): Promise<void> => {
    await expect(page.locator('#game [aria-busy]')).toHaveAttribute('aria-busy', 'false');
    await page.keyboard.press(key);
  };
  await press('Enter');
  await shows('The watch');
  await press('Escape');
  await shows('Pause');
  await press('Escape');
  await expect(screen('Pause')).toHaveCount(0);
  await press('t');
  await shows('Tide table');
  await press('ArrowLeft');
  await press('Enter');
  await shows('Radio');
  // What is said is said there too.
  await expect(screen('Radio')).toContainText('Low water is at ten past two');
  expect(asked.filter((value) => !value.startsWith('file:') && !value.startsWith('data:'))).toEqual([]);
  await context.close();
  rmSync(folder, { recursive: true });
});

test('the project list shows each title screen, opens, renames, duplicates, deletes and brings back', async ({
  desk,
}) => {
  await desk.begin();
  const { page } = desk;
  const projects = () => page.getByTitle('Projects').click();
  await projects();
  const kept = page.getByRole('region', { name: 'Kept in this browser' });
  const row = (name: string) =>
    kept
      .getByRole('listitem')
      .filter({ has: page.getByRole('button', { name: new RegExp(`^${name} (open )?\\d+ screens`) }) });
  // What is drawn in small is the title screen, and how large it is stands beside it.
  await expect(row('Saltwick Light').locator('svg[data-picture] image')).not.toHaveCount(0);
  await expect(row('Saltwick Light')).toContainText(/\d+ screens, \d+ kB/);
  await expect(row('My game').locator('svg[data-picture] text').first()).toHaveText('My game');
  await kept.getByRole('button', { name: /^Saltwick Light \d+ screens/ }).click();
  await expect(page.getByTitle('Projects')).toHaveText('Saltwick Light');
  await projects();

  await row('My game').getByRole('button', { name: 'Rename My game' }).click();
  await page.keyboard.type('Harbour days');
  await page.keyboard.press('Enter');
  await expect(row('Harbour days')).toBeVisible();
  await expect(row('My game')).toHaveCount(0);
  await kept.getByRole('button', { name: 'Duplicate Harbour days' }).click();
  await expect(row('Harbour days 2')).toBeVisible();
  await expect(kept.getByRole('listitem')).toHaveCount(3);

  await kept.getByRole('button', { name: 'Delete Harbour days', exact: true }).click();
  await expect(kept.getByRole('listitem')).toHaveCount(2);
  await kept.getByRole('button', { name: 'Bring it back' }).click();
  await expect(kept.getByRole('listitem')).toHaveCount(3);
  await kept.getByRole('button', { name: /^Harbour days \d+ screens/ }).click();
  await expect(page.getByTitle('Projects')).toHaveText('Harbour days');
  await expect(desk.card('Play')).toBeVisible();
  // Nothing is left of what was deleted and not brought back.
  await projects();
  await kept.getByRole('button', { name: 'Delete Harbour days 2' }).click();
  await expect(kept.getByText('“Harbour days 2” is deleted.')).toBeVisible();
  await page.reload();
  await projects();
  await expect(kept.getByRole('listitem')).toHaveCount(2);
});

test('an edit made just before another project is opened is kept', async ({ desk }) => {
  await rename(desk, 'Thanks');
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await expect(desk.page.getByTitle('Projects')).not.toHaveText('Saltwick Light');
  await desk.page.getByTitle('Projects').click();
  await desk.page
    .getByRole('region', { name: 'Kept in this browser' })
    .getByRole('button', { name: /^Saltwick Light \d+ screens/ })
    .click();
  await expect(desk.card('Thanks')).toBeVisible();
});
