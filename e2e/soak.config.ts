import { defineConfig } from '@playwright/test';
import base from './playwright.config';

/** The long runs of `npm run soak`: one at a time, so that none slows another. */
export default defineConfig({
  ...base,
  testDir: 'soak',
  testMatch: '*.soak.ts',
  workers: 1,
  timeout: 3_600_000,
  reporter: [['list']],
});
