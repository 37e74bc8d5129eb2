import { chromium, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
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

test('a second window follows the first and says so', async ({ desk, context }) => {
  const other = new Desk(await context.newPage());
  await other.open();
  await expect(other.page.getByText('open in another window, following it')).toBeVisible();
  await rename(desk, 'Thanks');
  await expect(other.card('Thanks')).toBeVisible();
  await other.card('Thanks').press('Delete');
  await expect(other.page.getByText(/Change it there/)).toBeVisible();
  await expect(other.card('Thanks')).toBeVisible();
  await desk.page.close();
  await expect(other.page.locator('[data-state="kept"]')).toBeVisible();
});

test('saved as a file and opened again it is the same, with its pictures', async ({ desk }) => {
  await rename(desk, 'Thanks');
  const file = await desk.handOver(/The project as a file/);
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
      [...host.shadowRoot!.querySelectorAll('image')].map((each) => each.getAttribute('href')),
    );
  await expect.poll(async () => (await pictures()).length).toBe(3);
  expect(await pictures()).toEqual(Array(3).fill(expect.stringMatching(/^blob:/)));
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
  const { bytes } = await desk.handOver(/The project as a file/);
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
  const file = await desk.handOver(/One page that plays/);
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
  // A press is made once, when the hand-over before it is over.
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
  expect(asked.filter((each) => !each.startsWith('file:') && !each.startsWith('data:'))).toEqual([]);
  await context.close();
  rmSync(folder, { recursive: true });
});

test('the project list opens, and deletes only when asked twice', async ({ desk }) => {
  await desk.begin();
  await desk.page.getByTitle('Projects').click();
  const kept = desk.page.getByRole('region', { name: 'Kept in this browser' });
  await kept.getByRole('button', { name: /^Saltwick Light \d+ screens/ }).click();
  await expect(desk.page.getByTitle('Projects')).toHaveText('Saltwick Light');
  await desk.page.getByTitle('Projects').click();
  await kept.getByRole('button', { name: 'Delete My game' }).click();
  await kept.getByRole('button', { name: 'Delete for good' }).click();
  await expect(kept.getByRole('listitem')).toHaveCount(1);
});

test('when storage fails the work stays, the window says so and offers the file', async ({ page }) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
      if ((window as { full?: boolean }).full) throw new DOMException('full', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  const desk = new Desk(page);
  await desk.open();
  await desk.kept();
  await page.evaluate(() => Object.assign(window, { full: true }));
  await rename(desk, 'Thanks');
  await expect(page.locator('[data-state="failed"]')).toHaveText('not kept: The browser’s storage is full.');
  const file = await desk.download(() => page.getByRole('button', { name: 'Save a file' }).click());
  expect(file.name).toBe('saltwick-light.tavu.zip');
  await expect(desk.card('Thanks')).toBeVisible();
});

/** The bytes of assets that are stored, by project and asset. */
const storedAssets = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    // Asking for what is not there would make it.
    if (!(await indexedDB.databases()).some((each) => each.name === 'tavu')) return [];
    return new Promise((done, failed) => {
      const opening = indexedDB.open('tavu');
      opening.onerror = () => failed(opening.error);
      opening.onsuccess = () => {
        const all = opening.result.transaction('assets').objectStore('assets').getAllKeys();
        all.onsuccess = () => {
          opening.result.close();
          done(all.result.map((key) => String((key as string[])[1])));
        };
      };
    });
  });
const picture = (name: string) => ({
  name: `${name}.svg`,
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><title>${name}</title></svg>`,
  ),
});
const DEMO_ASSETS = 30;

test('a project that another window has open is not deleted, and that is said', async ({ desk, context }) => {
  await desk.kept();
  const other = new Desk(await context.newPage());
  await other.open();
  await other.begin();
  await other.page.getByTitle('Projects').click();
  const kept = other.page.getByRole('region', { name: 'Kept in this browser' });
  const forget = async (): Promise<void> => {
    await kept.getByRole('button', { name: 'Delete Saltwick Light' }).click();
    await kept.getByRole('button', { name: 'Delete for good' }).click();
  };
  await forget();
  await expect(other.page.getByText(/is open in another window. Close it there first/)).toBeVisible();
  await expect(kept.getByRole('button', { name: /^Saltwick Light \d+ screens/ })).toBeVisible();
  await rename(desk, 'Thanks');
  await desk.kept();
  await desk.page.close();
  // Once it has closed, nothing holds it any more.
  await expect
    .poll(() => other.page.evaluate(async () => (await navigator.locks.query()).held?.length))
    .toBe(1);
  await forget();
  await expect(kept.getByRole('button', { name: /^Saltwick Light \d+ screens/ })).toHaveCount(0);
});

test('what the browser has cleared or deleted under an open window is stored again, with its pictures', async ({
  desk,
  context,
}) => {
  await desk.kept();
  expect((await storedAssets(desk.page)).length).toBe(DEMO_ASSETS);
  const client = await context.newCDPSession(desk.page);
  await client.send('Storage.clearDataForOrigin', {
    origin: new URL(desk.page.url()).origin,
    storageTypes: 'indexeddb',
  });
  await rename(desk, 'Thanks');
  await desk.kept();
  await expect.poll(() => storedAssets(desk.page).then((all) => all.length)).toBe(DEMO_ASSETS);
  // Another page deletes the database; nothing is edited afterwards.
  const other = await context.newPage();
  await other.goto('/api/schema');
  await other.evaluate(
    () =>
      new Promise((done, failed) => {
        const deleting = indexedDB.deleteDatabase('tavu');
        deleting.onsuccess = () => done(true);
        deleting.onerror = () => failed(deleting.error);
      }),
  );
  await expect.poll(() => storedAssets(other).then((all) => all.length)).toBe(DEMO_ASSETS);
  await desk.page.reload();
  await expect(desk.card('Thanks')).toBeVisible();
});

test('a store that gives a whole writing up once it is full is told of, and takes it all when there is room again', async ({
  page,
}) => {
  // As a browser does it: what was asked for is taken at first, and given up before it is on the disk.
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
      const request = put.apply(this, args);
      if (!(window as { full?: boolean }).full) return request;
      const { transaction } = this;
      Object.defineProperty(transaction, 'error', {
        get: () => new DOMException('full', 'QuotaExceededError'),
      });
      queueMicrotask(() => {
        try {
          transaction.abort();
        } catch {
          // It has been given up for another of its requests.
        }
      });
      return request;
    };
  });
  const desk = new Desk(page);
  await desk.open();
  await desk.kept();
  await page.evaluate(() => Object.assign(window, { full: true }));
  await rename(desk, 'Thanks');
  await desk.bringIn([picture('Fog')]);
  const failed = page.locator('[data-state="failed"]');
  await expect(failed).toHaveText('not kept: The browser’s storage is full.');
  await page.getByTitle('Projects').click();
  await expect(page.getByRole('group', { name: 'Storage' })).toContainText(
    /[\d.]+ [kMGT]?B of [\d.]+ [kMGT]?B are in use here/,
  );
  await page.keyboard.press('Escape');
  await page.evaluate(() => Object.assign(window, { full: false }));
  // It is tried again by itself.
  await desk.kept();
  await page.reload();
  await expect(desk.card('Thanks')).toBeVisible();
  expect((await storedAssets(page)).length).toBe(DEMO_ASSETS + 1);
});

test('a window that follows gets new pictures too, and has them when it becomes the writer', async ({
  desk,
  context,
}) => {
  const other = new Desk(await context.newPage());
  await other.open();
  await desk.bringIn([picture('Fog')]);
  await desk.kept();
  await other.page.getByRole('tab', { name: 'Assets' }).click();
  const assets = other.page.getByRole('region', { name: 'Assets' });
  const fog = assets
    .getByRole('listitem')
    .filter({ has: other.page.getByRole('textbox', { name: 'Name of Fog' }) });
  await expect(fog.locator('img')).toBeVisible();
  await desk.page.close();
  await expect(other.page.locator('[data-state="kept"]')).toBeVisible();
  const file = await other.handOver(/The project as a file/);
  const files = unzipSync(file.bytes);
  expect(Object.keys(files).filter((each) => each.startsWith('assets/')).length).toBe(DEMO_ASSETS + 1);
});

test('a window that becomes the writer reads what was written before it writes', async ({
  desk,
  context,
}) => {
  const page = await context.newPage();
  // It never hears that something was kept.
  await page.addInitScript(() =>
    Object.defineProperty(BroadcastChannel.prototype, 'onmessage', { set: () => undefined }),
  );
  const other = new Desk(page);
  await other.open();
  await expect(page.getByText('open in another window, following it')).toBeVisible();
  await rename(desk, 'Thanks');
  await desk.kept();
  await expect(other.card('Credits')).toBeVisible();
  await desk.page.close();
  await expect(other.card('Thanks')).toBeVisible();
  await other.kept();
  await page.reload();
  await expect(other.card('Thanks')).toBeVisible();
});

test('bytes of what was deleted go from the store when no undo can ask for them, and from exported pages at once', async ({
  desk,
}) => {
  await desk.bringIn([picture('Fog'), picture('Mist')]);
  await desk.kept();
  const page = await desk.handOver(/One page that plays/);
  expect(page.bytes.toString()).not.toContain(picture('Fog').buffer.toString('base64'));
  const assets = desk.page.getByRole('region', { name: 'Assets' });
  await assets.getByRole('button', { name: 'Take Fog out of the project' }).click();
  await desk.kept();
  expect((await storedAssets(desk.page)).length).toBe(DEMO_ASSETS + 2);
  await desk.undo();
  await desk.kept();
  await desk.page.keyboard.press('Control+Shift+z');
  await desk.kept();
  await desk.page.reload();
  await desk.kept();
  await expect.poll(() => storedAssets(desk.page).then((all) => all.length)).toBe(DEMO_ASSETS + 1);
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

test('a browser killed again and again loses at most the last edit, and none that is older than its wait', async ({
  baseURL,
}) => {
  test.setTimeout(600_000);
  const profile = mkdtempSync(join(tmpdir(), 'tavu-profile-'));
  const launch = () =>
    chromium.launchPersistentContext(profile, { executablePath: chromiumPath, args: chromiumFlags, baseURL });
  let name = 'Credits';
  for (let round = 0; round < 6; round++) {
    const context = await launch();
    const desk = new Desk(context.pages()[0]!);
    await desk.open();
    await expect(desk.card(name)).toBeVisible();
    await desk.choose(name);
    const field = desk.reading.getByRole('textbox', { name: 'Name' });
    for (const next of [`Thanks ${round}a`, `Thanks ${round}b`]) {
      await field.fill(next);
      await field.press('Enter');
      await expect(desk.card(next)).toBeVisible();
      // In the time that an edit may be lost it may, and no later.
      if (next.endsWith('a')) await desk.kept();
      name = next;
    }
    // What was kept is older than the wait; what was not may be lost.
    const kept = (await desk.page.locator('[data-state="kept"]').count()) > 0;
    const closed = new Promise((done) => context.on('close', done));
    execFileSync('pkill', ['-9', '-f', profile]);
    await closed;
    const again = await launch();
    const after = new Desk(again.pages()[0]!);
    await after.open();
    const last = after.card(name);
    const before = after.card(`Thanks ${round}a`);
    await expect(last.or(before)).toBeVisible();
    if (kept) await expect(last).toBeVisible();
    name = (await last.count()) > 0 ? name : `Thanks ${round}a`;
    await again.close();
  }
  rmSync(profile, { recursive: true, force: true });
});
