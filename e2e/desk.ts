import { expect, test as base, type BrowserContext } from '@playwright/test';
import { Desk } from './designer';
import { pressAtOnce } from './hands';

export { Desk, type Held } from './designer';

/**
 * A test finds the browser as a person does who comes again: what it has fetched and compiled is there still,
 * which is a third of the time of an opening. What was kept, allowed or left open is not.
 */
export const test = base.extend<{ desk: Desk; apart: boolean }, { profile: BrowserContext }>({
  /** A browser of its own, for what cannot be put back: a clock that a test sets, a touch screen. */
  apart: [false, { option: true }],
  profile: [
    async ({ playwright, launchOptions }, use) => {
      const profile = await playwright.chromium.launchPersistentContext('', {
        ...launchOptions,
        viewport: { width: 1280, height: 800 },
        colorScheme: 'light',
      });
      await use(profile);
      await profile.close();
    },
    { scope: 'worker' },
  ],
  context: async (
    { profile, playwright, launchOptions, baseURL, viewport, colorScheme, hasTouch, apart },
    use,
  ) => {
    if (apart || hasTouch) {
      const browser = await playwright.chromium.launch(launchOptions);
      await use(await browser.newContext({ baseURL, viewport, colorScheme, hasTouch }));
      return browser.close();
    }
    await use(profile);
    const [blank, ...pages] = profile.pages();
    if (!(await blank!.evaluate(() => String(setTimeout))).includes('native code'))
      throw new Error(
        'A test that sets the clock is to have a browser of its own: test.use({ apart: true }).',
      );
    for (const page of pages) await page.close();
    const session = await profile.newCDPSession(blank!);
    for (const origin of [baseURL!, 'file://'])
      await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
    await session.detach();
    await profile.clearPermissions();
  },
  // The first page of all stays, empty, since a browser with none would end; a test has its own before it.
  page: async ({ context }, use) => {
    const page = await context.newPage();
    await page.bringToFront();
    pressAtOnce(page.keyboard);
    await use(page);
  },
  // Every test fails when the page reports an error or breaks its policy.
  desk: async ({ page }, use) => {
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error') faults.push(message.text());
    });
    const desk = new Desk(page);
    await desk.open();
    await use(desk);
    if (!desk.expectsFaults) expect(faults).toEqual([]);
  },
});

export { expect } from '@playwright/test';
