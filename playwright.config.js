import { defineConfig } from '@playwright/test';

// The machines are shared and noisy: limits are generous, and no test waits for a time to pass.
const MINUTE = 60_000;
const PORT = Number(process.env.LENTO_TEST_PORT ?? 8443);
// Two at a time, each against a server and a database of its own, so that no test sees the pots of another's.
const WORKERS = 2;
const address = (worker) => `http://127.0.0.1:${PORT + worker}`;

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'build/browser',
  workers: WORKERS,
  retries: 0,
  forbidOnly: true,
  timeout: 4 * MINUTE,
  expect: { timeout: MINUTE },
  reporter: [['list'], ['json', { outputFile: 'build/browser.json' }]],
  use: {
    // Read anew by each worker, which is told its number.
    baseURL: address(Number(process.env.TEST_PARALLEL_INDEX ?? 0)),
    viewport: { width: 1280, height: 800 },
    actionTimeout: MINUTE,
    navigationTimeout: 2 * MINUTE,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: Array.from({ length: WORKERS }, (_, worker) => ({
    command: `bash tests/Browser/serve.sh ${PORT + worker} build/browser-${worker}.sqlite fresh`,
    url: `${address(worker)}/up`,
    timeout: 3 * MINUTE,
    reuseExistingServer: false,
    stderr: 'ignore',
  })),
});
