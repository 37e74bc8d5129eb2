import { chromium, type CDPSession, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { gzipSync } from 'node:zlib';
import { chromiumFlags, chromiumPath } from '../playwright.config';

const PORT = 4197;
const ADDRESS = `http://localhost:${PORT}`;

/** Counts frames for a while. As text, since the page has none of the compiler's helpers. */
const waitFrames = (page: Page, ms: number): Promise<{ frames: number; ms: number }> =>
  page.evaluate(`new Promise((done) => {
    const from = performance.now();
    let frames = 0;
    requestAnimationFrame(function tick(now) {
      frames += 1;
      if (now - from > ${ms}) done({ frames, ms: now - from });
      else requestAnimationFrame(tick);
    });
  })`);

async function scriptSeconds(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return metrics.find((each) => each.name === 'ScriptDuration')!.value;
}

/** Plays the demo for a while, as the application and as its one-file page, and reads Chromium's own script time. */
export async function measurePage() {
  const server = spawn('npm', ['run', 'start', '-w', '@tavu/web', '--', '-p', String(PORT)], {
    stdio: 'ignore',
    detached: true,
  });
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumFlags });
  try {
    await up();
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const scripts: Promise<number>[] = [];
    page.on('response', (answer) => {
      if (answer.request().resourceType() === 'script')
        scripts.push(answer.body().then((body) => gzipSync(body).length));
    });
    await page.goto(ADDRESS);
    await page.getByRole('region', { name: 'Live' }).waitFor();
    const firstPage = (await Promise.all(scripts)).reduce((sum, each) => sum + each, 0);
    const inApp = await whilePlaying(page);

    await page.getByRole('button', { name: 'Hand over' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: /One page that plays/ }).click(),
    ]);
    const path = await file.path();
    const { readFile, copyFile } = await import('node:fs/promises');
    const html = await readFile(path, 'utf8');
    const player = gzipSync(html.replace(/"data:image[^"]*"/g, '""')).length;
    await copyFile(path, `${path}.html`);
    const alone = await browser.newPage();
    await alone.goto(`file://${path}.html`);
    await alone.getByRole('img').waitFor();
    const inPage = await whilePlaying(alone);
    return { firstPage, player, inApp, inPage };
  } finally {
    await browser.close();
    process.kill(-server.pid!);
    await once(server, 'exit').catch(() => undefined);
  }
}

/** Script time per frame over seven seconds, hand-overs included. */
async function whilePlaying(page: Page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await waitFrames(page, 500);
  const before = await scriptSeconds(session);
  const { frames, ms } = await waitFrames(page, 7000);
  const script = (await scriptSeconds(session)) - before;
  return { perFrame: (script * 1000) / frames, fps: (frames / ms) * 1000 };
}

async function up(): Promise<void> {
  for (;;) {
    try {
      if ((await fetch(`${ADDRESS}/api/schema`)).ok) return;
    } catch {
      await new Promise((done) => setTimeout(done, 200));
    }
  }
}
