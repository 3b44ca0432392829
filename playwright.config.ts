import { defineConfig } from '@playwright/test';

const port = Number(process.env['E2E_PORT'] ?? 5391);

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 1,
  // Generous: a shared machine may stand still for seconds, and a slow answer is not a wrong one.
  timeout: 300_000,
  expect: { timeout: 40_000 },
  forbidOnly: process.env['CI'] !== undefined,
  reporter: [['list'], ['json', { outputFile: 'test-results/playwright.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    // What a journey answers in the shop computer's place would not reach a page through it; one journey lets it in.
    serviceWorkers: 'block',
    actionTimeout: 60_000,
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-background-networking'],
    },
  },
  webServer: {
    command: 'node scripts/start.mjs',
    url: `http://127.0.0.1:${port}/api/health`,
    timeout: 240_000,
    reuseExistingServer: false,
    env: { PORT: String(port), DATA_DIR: process.env['E2E_DATA_DIR'] ?? 'data/e2e' },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
  },
});
