import { defineConfig } from '@playwright/test';

// The machines are shared and noisy: limits are generous, and no test waits for a time to pass.
const MINUTE = 60_000;
const PORT = process.env.LENTO_TEST_PORT ?? '8433';

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'build/browser',
  workers: 1,
  retries: 0,
  forbidOnly: true,
  timeout: 4 * MINUTE,
  expect: { timeout: MINUTE },
  reporter: [['list'], ['json', { outputFile: 'build/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: MINUTE,
    navigationTimeout: 2 * MINUTE,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: {
    command: `bash tests/Browser/serve.sh ${PORT} build/browser.sqlite fresh`,
    url: `http://127.0.0.1:${PORT}/up`,
    timeout: 3 * MINUTE,
    reuseExistingServer: false,
    stderr: 'ignore',
  },
});
