import { defineConfig } from '@playwright/test';
import { BROWSER } from './e2e/browserPath';

const port = Number(process.env.RIPENUM_TEST_PORT ?? 4181);

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  workers: 2,
  timeout: 60_000,
  // two slow cores share runner, server and browser; a second try is reported as flaky
  expect: { timeout: 10_000 },
  retries: process.env.CI ? 1 : 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/playwright.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    trace: 'on-first-retry',
    launchOptions: {
      executablePath: BROWSER,
      args: [
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
  webServer: {
    command: `node dist/server/index.js --port ${port}`,
    url: `http://localhost:${port}/api/health`,
    reuseExistingServer: false,
  },
});
