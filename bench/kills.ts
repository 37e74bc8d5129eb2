import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumFlags, chromiumPath } from '../playwright.config';
import { Desk } from '../e2e/desk';
import { ADDRESS } from './serve';

const ROUNDS = 20;

/** An edit by its time, in milliseconds of the machine's clock. */
interface Made {
  at: number;
  name: string;
}

/**
 * The browser is killed twenty times shortly after an edit, every other time in a run of typing. Of what the next start did not
 * find: how many edits at most, and how old the oldest was at the kill, in milliseconds.
 */
export async function measureKills() {
  const profile = mkdtempSync(join(tmpdir(), 'tavu-bench-'));
  const lost = { edits: 0, oldest: 0, oldestTyped: 0 };
  let context = await launch(profile);
  let page = await opened(context);
  try {
    for (let round = 0; round < ROUNDS; round++) {
      const typing = round % 2 === 1;
      const made = await (typing ? typeOn(page) : rename(page, round));
      // From at once to 190 ms later, so that some are caught before they are written and some after.
      if (!typing) await page.evaluate(`new Promise((done) => setTimeout(done, ${10 * round}))`);
      const killed = Date.now();
      await kill(context, profile);
      context = await launch(profile);
      page = await opened(context);
      const found = await (typing ? typed(page) : page.locator('[data-card="s-credits"]').innerText());
      if (!typing && !found.includes(`Thanks ${round}`)) lost.edits = 2;
      const gone = made.filter(({ name }) => !found.includes(name));
      const age = gone.length > 0 ? killed - gone[0]!.at : 0;
      if (typing) lost.oldestTyped = Math.max(lost.oldestTyped, age);
      else {
        lost.oldest = Math.max(lost.oldest, age);
        lost.edits = Math.max(lost.edits, gone.length);
      }
    }
  } finally {
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  }
  return lost;
}

const launch = (profile: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile, {
    executablePath: chromiumPath,
    args: chromiumFlags,
    viewport: { width: 1280, height: 800 },
  });

/** When the last key went down, by the page itself. */
const pressed = (page: Page): Promise<number> => page.evaluate('window.pressed');

async function opened(context: BrowserContext): Promise<Page> {
  const page = context.pages()[0]!;
  await page.addInitScript(`addEventListener('keydown', () => (window.pressed = Date.now()), true)`);
  await page.goto(ADDRESS);
  await page.locator('[data-state="kept"]').waitFor();
  return page;
}

async function kill(context: BrowserContext, profile: string): Promise<void> {
  const closed = new Promise((done) => context.on('close', done));
  execFileSync('pkill', ['-9', '-f', profile]);
  await closed;
}

/** Two edits by themselves: the one before the last is kept before the last is made. */
async function rename(page: Page, round: number): Promise<Made[]> {
  await page.getByRole('tab', { name: 'Map' }).click();
  const card = await page.locator('[data-card="s-credits"]').innerText();
  await new Desk(page).choose(/Thanks \d+[ab]/.exec(card)?.[0] ?? 'Credits');
  const field = page
    .getByRole('complementary', { name: 'Reading' })
    .getByRole('textbox', { name: 'Name', exact: true });
  const made: Made[] = [];
  for (const name of [`Thanks ${round}a`, `Thanks ${round}b`]) {
    await field.fill(name);
    await field.press('Enter');
    made.push({ at: await pressed(page), name });
    await page.locator('[data-card="s-credits"]', { hasText: name }).waitFor();
    if (name.endsWith('a')) await page.locator('[data-state="kept"]').waitFor();
  }
  return [made[1]!];
}

const firstLine = (page: Page) =>
  page
    .getByRole('region', { name: 'Lines' })
    .getByRole('list', { name: /^Steps of/ })
    .getByRole('textbox', { name: 'What is said' })
    .first();
async function typed(page: Page): Promise<string> {
  await page.getByRole('tab', { name: 'Lines' }).click();
  return firstLine(page).inputValue();
}

/** Four seconds of typing, a letter every 80 ms; each is an edit. */
async function typeOn(page: Page): Promise<Made[]> {
  await typed(page);
  const area = firstLine(page);
  await area.fill('');
  const made: Made[] = [];
  let text = '';
  for (let i = 0; i < 50; i++) {
    const letter = String.fromCharCode(97 + (i % 26));
    text += letter;
    await area.press(letter, { delay: 40 });
    made.push({ at: await pressed(page), name: text });
  }
  return made;
}
