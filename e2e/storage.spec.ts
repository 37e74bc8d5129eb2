import { chromium, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumFlags, chromiumPath } from '../playwright.config';
import { Desk, expect, test } from './desk';

/** What the browser keeps, whatever becomes of it. */

async function rename(desk: Desk, to: string): Promise<void> {
  await desk.choose('Credits');
  const name = desk.reading.getByRole('textbox', { name: 'Name' });
  await name.fill(to);
  await name.press('Enter');
  await expect(desk.card(to)).toBeVisible();
}

test('a second window follows the first and says so', async ({ desk, context }) => {
  const other = new Desk(await context.newPage());
  await other.open();
  await expect(other.page.getByText('open in another window, following it')).toBeVisible();
  await rename(desk, 'Thanks');
  await expect(other.card('Thanks')).toBeVisible();
  await other.card('Thanks').press('Delete');
  await expect(other.word(/Change it there/)).toBeVisible();
  await expect(other.card('Thanks')).toBeVisible();
  await desk.page.close();
  await expect(other.page.locator('[data-state="kept"]')).toBeVisible();
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
  await expect(page.locator('[data-state="failed"]')).toHaveText('Not saved: The browser’s storage is full.');
  const file = await desk.download(() => page.getByRole('button', { name: 'Save a file' }).click());
  expect(file.name).toBe('saltwick-light.tavu.zip');
  await expect(desk.card('Thanks')).toBeVisible();
});

/** The bytes of assets that are stored, by project and asset. */
const storedAssets = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    // Asking for what is not there would make it.
    if (!(await indexedDB.databases()).some((info) => info.name === 'tavu')) return [];
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
const DEMO_ASSETS = 44;

test('a project that another window has open is not deleted, and that is said', async ({ desk, context }) => {
  await desk.kept();
  const other = new Desk(await context.newPage());
  await other.open();
  await other.begin();
  await other.page.getByTitle('Projects').click();
  const kept = other.page.getByRole('region', { name: 'Kept in this browser' });
  const forget = async (): Promise<void> => {
    await kept.getByRole('button', { name: 'Delete Saltwick Light' }).click();
  };
  await forget();
  await expect(other.word(/is open in another window. Close it there first/)).toBeVisible();
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
  await expect(failed).toHaveText('Not saved: The browser’s storage is full.');
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
  const file = await other.exportAs(/The project as a file/);
  const files = unzipSync(file.bytes);
  expect(Object.keys(files).filter((value) => value.startsWith('assets/')).length).toBe(DEMO_ASSETS + 1);
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
  const page = await desk.exportAs(/One page that plays/);
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

test('a browser killed again and again loses at most the last edit, and none that is older than its wait', async ({
  baseURL,
}) => {
  test.setTimeout(600_000);
  const profile = mkdtempSync(join(tmpdir(), 'tavu-profile-'));
  const launch = () =>
    chromium.launchPersistentContext(profile, { executablePath: chromiumPath, args: chromiumFlags, baseURL });
  let name = 'Credits';
  for (let round = 0; round < 3; round++) {
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
