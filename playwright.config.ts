import { defineConfig } from '@playwright/test';
import { CHROMIUM, PORT, SERVER } from './e2e/browser';

/** The real interface of the production build in Debian's headless Chromium. */
export default defineConfig({
  testDir: 'e2e',
  // Pages mostly wait: a third keeps two cores busy.
  workers: 3,
  fullyParallel: true,
  // No test is about how fast a machine is: these only end what would never come.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: '.stamps/playwright.json' }]],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
  },
  webServer: SERVER,
});
