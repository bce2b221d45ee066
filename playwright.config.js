import { defineConfig } from '@playwright/test';
import { bare, whole } from './tests/Browser/support/driven.js';

// The machines are shared and noisy: limits are generous, and no test waits for a time to pass.
const MINUTE = 60_000;
const PORT = Number(process.env.LENTO_TEST_PORT ?? 8443);
// Two at a time, each against a server and a database of its own, so that no test sees the pots of another's.
const WORKERS = 2;
// Where the tablet itself is asked: a line that is gone, copies, calls, and no script at all.
const OF_THE_TABLET = /(calls|gone|line|plain)\.spec\.js$/;
// Every page at every width: one test of two minutes.
const CRAWL = /widths\.spec\.js$/;
const address = (worker) => `http://127.0.0.1:${PORT + worker}`;

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'build/browser',
  workers: WORKERS,
  retries: 0,
  forbidOnly: true,
  timeout: 6 * MINUTE,
  expect: { timeout: MINUTE },
  reporter: [['list'], ['json', { outputFile: 'build/browser.json' }]],
  use: {
    // Read anew by each worker, which is told its number.
    baseURL: address(Number(process.env.TEST_PARALLEL_INDEX ?? 0)),
    // Copies for when the line is gone are made in the tests of that alone.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    // What moves is drawn anew sixty times a second, in as many pages as are open; what is told of motion asks for it.
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: MINUTE,
    navigationTimeout: 2 * MINUTE,
  },
  // The long ones first: both rows end together where only short ones are left.
  projects: [
    { name: 'tablet', testMatch: OF_THE_TABLET, use: { launchOptions: whole() } },
    { name: 'crawl', testMatch: CRAWL, use: { launchOptions: bare() } },
    { name: 'pages', testIgnore: [OF_THE_TABLET, CRAWL], use: { launchOptions: bare() } },
  ],
  webServer: Array.from({ length: WORKERS }, (_, worker) => ({
    command: `bash tests/Browser/serve.sh ${PORT + worker} build/browser-${worker}.sqlite fresh`,
    url: `${address(worker)}/up`,
    timeout: 3 * MINUTE,
    reuseExistingServer: false,
    stderr: 'ignore',
  })),
});
