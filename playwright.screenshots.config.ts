import { defineConfig } from '@playwright/test';
import base from './playwright.config';

/** `npm run screenshots`: makes the pictures of docs/screenshots/. */
export default defineConfig({
  ...base,
  testDir: 'scripts',
  testMatch: 'screenshots.ts',
  reporter: 'list',
});
