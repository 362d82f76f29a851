import { defineConfig } from '@playwright/test';
import { chromiumOptions } from '../scripts/chromium.mjs';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: false,
  retries: 1,
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  globalSetup: './global-setup.ts',
  globalTeardown: './global-teardown.ts',
  use: {
    viewport: { width: 390, height: 844 },
    actionTimeout: 20_000,
    // A trace costs a seventh of the whole run, so only a second try has one.
    trace: 'on-first-retry',
    // It fetches the whole app for every page anew: test files that lose the network allow it.
    serviceWorkers: 'block',
    timezoneId: process.env.TZ ?? 'UTC',
    launchOptions: chromiumOptions,
  },
});
