import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { run } from './lib/run.mjs';

/**
 * `npm run soak`: the checks that take long. Two hundred kills while sets are sent, sixty sets without a network, fifty
 * phones at once, and memory over twenty thousand sets. `-- kill`, `-- offline` or `-- load` runs one of them.
 */
const [only] = process.argv.slice(2);
await ensureChromium();
await ensurePackages();
const playwright = (config, ...args) =>
  run('npx', ['playwright', 'test', '--config', config, '--reporter', 'list', ...args], {
    env: { KILL_ROUNDS: process.env.KILL_ROUNDS ?? '200', OFFLINE_SETS: process.env.OFFLINE_SETS ?? '60' },
  });
if (!only || only === 'kill') await playwright('e2e/playwright.config.ts', 'kill.spec.ts', '--timeout', '3600000');
if (!only || only === 'offline') await playwright('e2e/playwright.config.ts', 'offline-many.spec.ts', '--timeout', '3600000');
if (!only || only === 'load') await playwright('e2e/soak.config.ts');
