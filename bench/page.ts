import { chromium, type CDPSession, type Page } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { chromiumFlags, chromiumPath } from '../playwright.config';
import { openArtwork } from './artwork';
import { ADDRESS } from './serve';

/** Counts frames for a while. As text, since the page has none of the compiler's helpers. */
const waitFrames = (page: Page, ms: number): Promise<{ frames: number; ms: number; longest: number }> =>
  page.evaluate(`new Promise((done) => {
    const from = performance.now();
    let last = from;
    let frames = 0;
    let longest = 0;
    const next = (now) => {
      frames += 1;
      longest = Math.max(longest, now - last);
      last = now;
      if (now - from > ${ms}) done({ frames, ms: now - from, longest });
      else requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  })`);

async function scriptSeconds(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return metrics.find((each) => each.name === 'ScriptDuration')!.value;
}

/** Plays the demo for a while, as the application and as its one-file page, and reads Chromium's own script time. */
export async function measurePage() {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumFlags });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const scripts: Promise<number>[] = [];
    page.on('response', (answer) => {
      if (answer.request().resourceType() === 'script')
        scripts.push(answer.body().then((body) => gzipSync(body).length));
    });
    await page.addInitScript(`localStorage.setItem('tavu first notes', 'gone')`);
    await page.goto(ADDRESS);
    await page.getByRole('region', { name: 'Live' }).waitFor();
    const firstPage = (await Promise.all(scripts)).reduce((sum, each) => sum + each, 0);
    const inApp = await whilePlaying(page);
    const transition = await loopTransition(page);

    await page.getByRole('button', { name: 'Export' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: /One page that plays/ }).click(),
    ]);
    const path = await file.path();
    const { readFile, copyFile } = await import('node:fs/promises');
    const html = await readFile(path, 'utf8');
    const player = gzipSync(html.replace(/"data:(image|audio)[^"]*"/g, '""')).length;
    await copyFile(path, `${path}.html`);
    const alone = await browser.newPage();
    await alone.goto(`file://${path}.html`);
    await alone.locator('#game svg text').first().waitFor({ state: 'attached' });
    const inPage = await whilePlaying(alone);
    await alone.close();
    const lines = await measureLines(page);
    const large = await measureLargeInWindow(page);
    await openArtwork(page);
    const artwork = await whilePlaying(page);
    return { firstPage, player, inApp, inPage, transition, lines, large, artwork };
  } finally {
    await browser.close();
  }
}

/** A conversation of a thousand lines in the window: typed into in the middle, searched, scrolled. */
async function measureLines(page: Page) {
  await page.getByRole('tab', { name: 'Lines' }).click();
  const pane = page.getByRole('region', { name: 'Lines' });
  await pane.getByRole('button', { name: 'A new conversation' }).click();
  await pane.getByRole('button', { name: 'Paste a dialogue' }).click();
  const text = Array.from(
    { length: 1000 },
    (_, i) => `${i % 2 ? 'TOBIAS' : 'INES'}: Line number ${i} of them.`,
  );
  await page.getByRole('textbox', { name: /^A name and a colon/ }).fill(text.join('\n'));
  await page.getByRole('button', { name: 'Put these lines in' }).click();
  const search = pane.getByRole('searchbox', { name: 'Find in these lines' });
  await search.fill('number 500 ');
  await pane.getByText('Line number 500 of them.').first().waitFor();
  const typed = (field: string, letters: number) =>
    page.evaluate(`(async () => {
      const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      const area = ${field};
      const put = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(area), 'value').set;
      const times = [];
      for (let i = 0; i < ${letters}; i++) {
        const from = performance.now();
        put.call(area, area.value + 'x');
        area.dispatchEvent(new Event('input', { bubbles: true }));
        await frame();
        times.push(performance.now() - from);
        await new Promise((done) => setTimeout(done, 90));
      }
      return times.sort((a, b) => a - b);
    })()`) as Promise<number[]>;
  await waitFrames(page, 800);
  const letters = await typed(
    `[...document.querySelectorAll('textarea')].find((each) => each.value.startsWith('Line number 500'))`,
    40,
  );
  const finds = await typed(`document.querySelector('input[aria-label="Find in these lines"]')`, 20);
  await search.fill('');
  const list = (await pane
    .getByRole('list', { name: /^Steps of/ })
    .locator('..')
    .boundingBox())!;
  await page.mouse.move(list.x + 100, list.y + 100);
  const scrolled = waitFrames(page, 3000);
  for (let i = 0; i < 60; i++) await page.mouse.wheel(0, 240);
  const { frames, ms } = await scrolled;
  await page.getByRole('tab', { name: 'Map' }).click();
  const at = (times: readonly number[]): number => times[Math.floor(times.length * 0.95)]!;
  return { letter: at(letters), find: at(finds), scroll: (frames / ms) * 1000 };
}

/** A flow of three hundred screens in the window: opening, edits, panning. */
async function measureLargeInWindow(page: Page) {
  await page.getByTitle('Projects').click();
  const choice = page.getByRole('button', { name: '300 screens' });
  await choice.waitFor();
  // From the press until the map can be used: its first card stands with its picture, and frames come again without a stop.
  const open = (await page.evaluate(`new Promise((done) => {
    const from = performance.now();
    [...document.querySelectorAll('button')].find((button) => button.getAttribute('aria-label') === '300 screens').click();
    let last = from;
    requestAnimationFrame(function look() {
      const now = performance.now();
      const steady = now - last < 50;
      last = now;
      const here = document.querySelector('button[title="Projects"]').textContent === 'Three hundred lights';
      if (here && steady && document.querySelector('[data-card="s-title"] svg')) done(now - from);
      else requestAnimationFrame(look);
    });
  })`)) as number;
  await waitFrames(page, 1500);
  const grid = await measureGrid(page);
  const find = await measureFind(page);
  // One edit of an element, taken back and done again.
  await page.locator('[data-card="s-title"] button').first().click();
  await page
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: 'Text', exact: true })
    .click();
  await waitFrames(page, 500);
  const edits = (await page.evaluate(`(async () => {
    const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    const times = [];
    const press = (name) => [...document.querySelectorAll('button')].find((each) => each.getAttribute('aria-label') === name).click();
    for (let i = 0; i < 40; i++) {
      const from = performance.now();
      press(i % 2 ? 'Redo' : 'Undo');
      await frame();
      times.push(performance.now() - from);
      await new Promise((done) => setTimeout(done, 120));
    }
    return times.sort((a, b) => a - b);
  })()`)) as number[];
  const map = (await page.getByRole('region', { name: 'Map' }).boundingBox())!;
  await page.mouse.move(map.x + 200, map.y + 60);
  const panned = waitFrames(page, 3000);
  for (let i = 0; i < 60; i++) await page.mouse.wheel(0, i % 2 ? -40 : 60);
  const { frames, ms, longest } = await panned;
  const zoomed = waitFrames(page, 3000);
  await page.keyboard.down('Control');
  for (let i = 0; i < 60; i++) await page.mouse.wheel(0, i < 30 ? 40 : -40);
  await page.keyboard.up('Control');
  return {
    open,
    grid,
    find,
    edit: edits[Math.floor(edits.length * 0.95)]!,
    pan: (frames / ms) * 1000,
    panned: longest,
    zoomed: (await zoomed).longest,
  };
}

/** The grid of the open project: from the press to the frame in which its rows stand, and how it scrolls both ways. */
async function measureGrid(page: Page) {
  const shown = (await page.evaluate(`new Promise((done) => {
    const from = performance.now();
    // Tabs are chosen when the button goes down.
    [...document.querySelectorAll('[role="tab"]')].find((each) => each.textContent === 'Grid')
      .dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }));
    requestAnimationFrame(function look() {
      if (document.querySelectorAll('section[aria-label="Grid"] tbody th').length > 3) done(performance.now() - from);
      else requestAnimationFrame(look);
    });
  })`)) as number;
  const pane = (await page.getByRole('region', { name: 'Grid' }).boundingBox())!;
  await page.mouse.move(pane.x + 200, pane.y + 200);
  const scrolled = waitFrames(page, 3000);
  for (let i = 0; i < 60; i++) await page.mouse.wheel(i % 2 ? 160 : 0, i % 2 ? 0 : 160);
  const { frames, ms, longest } = await scrolled;
  await page.getByRole('tab', { name: 'Map' }).click();
  return { shown, scroll: (frames / ms) * 1000, longest };
}

/** Finding anything in the open project: from a letter to the frame in which the answer stands, 95th percentile. */
async function measureFind(page: Page): Promise<number> {
  await page.keyboard.press('Control+k');
  const field = page.getByRole('dialog').getByRole('combobox');
  await field.waitFor();
  await waitFrames(page, 500);
  const times = (await page.evaluate(`(async () => {
    const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    const field = document.querySelector('[role="dialog"] input');
    const put = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value').set;
    const times = [];
    for (const words of ['harbour talk 12', 'when start is pressed', 'show the values', 'light 20']) {
      for (let i = 1; i <= words.length; i++) {
        const from = performance.now();
        put.call(field, words.slice(0, i));
        field.dispatchEvent(new Event('input', { bubbles: true }));
        await frame();
        times.push(performance.now() - from);
      }
    }
    return times.sort((a, b) => a - b);
  })()`)) as number[];
  await page.keyboard.press('Escape');
  return times[Math.floor(times.length * 0.95)]!;
}

/** Script time per frame over seven seconds, transitions included. */
async function whilePlaying(page: Page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await waitFrames(page, 500);
  const before = await scriptSeconds(session);
  const { frames, ms } = await waitFrames(page, 7000);
  const script = (await scriptSeconds(session)) - before;
  return { perFrame: (script * 1000) / frames, fps: (frames / ms) * 1000 };
}

/** A transition in its chart, again and again for ten seconds: script a frame, the longest frame, what was dropped. */
async function loopTransition(page: Page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const map = page.getByRole('region', { name: 'Map' });
  await map.getByRole('button', { name: /^Loading, / }).click();
  await page
    .getByRole('group', { name: /^When what is on it has finished/ })
    .click({ position: { x: 4, y: 8 } });
  await page.getByRole('button', { name: 'Play this transition' }).click();
  await waitFrames(page, 500);
  const before = await scriptSeconds(session);
  const { frames, ms, longest } = await waitFrames(page, 10_000);
  const script = (await scriptSeconds(session)) - before;
  const garbage = await stopsForGarbage(page, 10_000);
  await page.getByRole('button', { name: 'Stop' }).click();
  return { perFrame: (script * 1000) / frames, fps: (frames / ms) * 1000, longest, garbage };
}

interface TraceEvent {
  name: string;
  pid: number;
  tid: number;
  /** Microseconds. */
  ts: number;
  dur?: number;
  args: { name?: string };
}

/** Stops of the page's own thread to clear away garbage, and the frames dropped with one in them; by Chromium's own record. */
async function stopsForGarbage(page: Page, ms: number): Promise<{ took: number[]; dropped: number }> {
  const browser = page.context().browser()!;
  await browser.startTracing(page, { categories: ['v8', 'devtools.timeline'] });
  await waitFrames(page, ms);
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as {
    traceEvents: TraceEvent[];
  };
  const threads = new Set(
    traceEvents
      .filter((each) => each.name === 'thread_name' && each.args.name === 'CrRendererMain')
      .map((each) => `${each.pid}:${each.tid}`),
  );
  const own = traceEvents.filter((each) => threads.has(`${each.pid}:${each.tid}`));
  const frames = own
    .filter((each) => each.name === 'FireAnimationFrame')
    .map((each) => each.ts)
    .sort((a, b) => a - b);
  const stops = own.filter((each) => /^(Minor|Major)GC$/.test(each.name));
  const isDropped = ({ ts }: TraceEvent): boolean => {
    const next = frames.findIndex((frame) => frame > ts);
    // A frame lasts a sixtieth of a second; half as much again, and one was missed.
    return next > 0 && frames[next]! - frames[next - 1]! > 25_000;
  };
  return { took: stops.map((each) => (each.dur ?? 0) / 1000), dropped: stops.filter(isDropped).length };
}
