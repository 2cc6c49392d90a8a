import { defineConfig } from '@playwright/test';

/** Debian's Chromium, quiet: a closed network must not slow it down. */
const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export default defineConfig({
  testDir: '.',
  globalSetup: './global-setup.ts',
  outputDir: '../test-results',
  // Never a measure of speed: a busy machine may be several times slower.
  timeout: 480_000,
  expect: { timeout: 30_000 },
  workers: 2,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    locale: 'en-GB',
    timezoneId: 'Europe/Oslo',
    // What is about working without a network asks for it; the others need not fetch the whole app for later.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    // `--trace on` for one that failed; for all it costs too much time.
    trace: 'off',
    launchOptions: { executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium', args: FLAGS },
  },
});
