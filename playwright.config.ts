import { defineConfig } from '@playwright/test';
import { existsSync } from 'node:fs';

const port = Number(process.env.TAVU_TEST_PORT ?? 4199);

/** Headless Chromium from Debian, told not to ask any network. */
export const chromiumPath =
  process.env.CHROMIUM_PATH ??
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((path) => existsSync(path))!;
export const chromiumFlags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // Letters as wide as their outlines say, as on a screen of fine dots.
  '--font-render-hinting=none',
];

export default defineConfig({
  testDir: 'e2e',
  // A machine may be many times slower at one hour than at another; what holds holds all the same.
  timeout: 300_000,
  expect: { timeout: 40_000 },
  workers: 2,
  fullyParallel: true,
  // A busy machine may starve a browser; what needed a second go is listed as flaky.
  retries: process.env.CI ? 2 : 0,
  reporter: [['list'], ['json', { outputFile: process.env.TAVU_REPORT ?? 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    launchOptions: { executablePath: chromiumPath, args: chromiumFlags },
    // What is not there by then will not come, however slow the machine.
    actionTimeout: 90_000,
    trace: 'off',
  },
  webServer: {
    command: `npm run start -w @tavu/web -- -p ${port}`,
    url: `http://localhost:${port}/api/schema`,
    timeout: 60_000,
    env: { NEXT_TELEMETRY_DISABLED: '1' },
  },
});
