import { defineConfig } from '@playwright/test';

/**
 * Debian's Chromium drives the interface; each worker has a server and a database of its own.
 * Waits are long for the sake of machines that others use: only a walk that fails comes to their end.
 */
export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  timeout: 480_000,
  expect: { timeout: 40_000 },
  reporter: [['list'], ['json', { outputFile: '.test-data/e2e.json' }]],
  outputDir: '.test-data/e2e',
  use: {
    actionTimeout: 40_000,
    navigationTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
});
