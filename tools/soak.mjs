import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { run } from './lib/run.mjs';

/** `npm run soak`: the checks that take long. Two hundred kills while sets are sent. */
await ensureChromium();
await ensurePackages();
await run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts', 'kill.spec.ts', '--reporter', 'list'], {
  env: { KILL_ROUNDS: process.env.KILL_ROUNDS ?? '200' },
});
