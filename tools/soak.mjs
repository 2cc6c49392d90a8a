import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { run } from './lib/run.mjs';
import { findProgram, installDebian } from './lib/system.mjs';

/**
 * `npm run soak`: the checks that take long. Two hundred kills while sets are sent, sixty sets without a network, fifty
 * phones at once, memory over twenty thousand sets, twenty thousand made-up requests, the table of faults, and a run behind
 * a proxy. `-- kill`, `offline`, `load`, `fuzz`, `faults` or `proxy` runs one of them.
 */
const [only] = process.argv.slice(2);
const wanted = (name) => !only || only === name;
await ensureChromium();
await ensurePackages();
const playwright = (config, ...args) =>
  run('npx', ['playwright', 'test', '--config', config, '--reporter', 'list', ...args], {
    env: { KILL_ROUNDS: process.env.KILL_ROUNDS ?? '200', OFFLINE_SETS: process.env.OFFLINE_SETS ?? '60' },
  });
if (wanted('kill')) await playwright('e2e/playwright.config.ts', 'kill.spec.ts', '--timeout', '3600000');
if (wanted('offline')) await playwright('e2e/playwright.config.ts', 'offline-many.spec.ts', '--timeout', '3600000');
if (wanted('load')) await playwright('e2e/soak.config.ts', 'load');
if (wanted('fuzz')) {
  const env = { FUZZ_REQUESTS: process.env.FUZZ_REQUESTS ?? '20000' };
  await run('npx', ['jest', '--selectProjects', 'server', '--testPathPattern', 'fuzz.test'], { env });
}
if (wanted('faults')) await playwright('e2e/soak.config.ts', 'faults');
if (wanted('proxy')) {
  if (!findProgram('nginx')) await installDebian(['nginx-light'], 'the run behind a proxy');
  await playwright('e2e/soak.config.ts', 'proxy');
}
