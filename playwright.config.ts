import { defineConfig } from '@playwright/test';

/** Another port where the usual one is taken. */
const port = Number(process.env['STORIES_PORT'] ?? 4300);

/** Makers' stories in Debian's Chromium, against the exported app behind the real server. */
export default defineConfig({
  testDir: 'e2e',
  projects: [
    { name: 'demo', testMatch: 'demo.setup.ts' },
    { name: 'stories', testMatch: '*.spec.ts', dependencies: ['demo'] },
  ],
  timeout: 150_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  reporter: process.env.CI
    ? [['list'], ['json', { outputFile: 'test-results/e2e.json' }]]
    : [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 30_000,
    baseURL: `http://localhost:${port}`,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    timezoneId: 'Europe/Lisbon',
    locale: 'en-GB',
    // A first visit copies the whole app for later: only stories about that need it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/server.mts',
    url: `http://localhost:${port}/api/health`,
    env: { PORT: String(port), STRICT_PORT: '1' },
    reuseExistingServer: false,
  },
});
