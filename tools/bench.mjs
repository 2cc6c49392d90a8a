import { join } from 'node:path';
import { buildDemo, buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { startedDemo } from './lib/started-demo.mjs';

const AIM_SECONDS = 10;

/** Measurements that need nothing but core. */
const OF_CORE = new Set(['strength', 'people', 'advice', 'posture', 'compose']);

/** `npm run bench`: speed and size, as ratios in one run. */
const only = process.argv.includes('--only') ? process.argv[process.argv.indexOf('--only') + 1] : undefined;
const env = {};
await ensurePackages();
if (!OF_CORE.has(only)) {
  await ensureChromium();
  Object.assign(env, { E2E_WEB: await buildWeb(), E2E_SERVER: await buildServer(), E2E_DEMO: await buildDemo() });
  const { first, second } = await startedDemo();
  console.log(
    `npm run demo until it answers: ${first.toFixed(1)} s making its data, ${second.toFixed(1)} s the second time ` +
      `(${(second / AIM_SECONDS).toFixed(2)} of the aim of ${AIM_SECONDS} s)`,
  );
}
// Bundled as the server is: a loader that wraps every function would be measured along with them.
const { build } = await import('esbuild');
const outfile = join(ROOT, '.cache/bench.cjs');
await build({
  entryPoints: [join(ROOT, 'bench/src/main.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  external: ['express', 'sqlite3', '@playwright/test'],
  logLevel: 'error',
});
await run(process.execPath, [outfile, ...process.argv.slice(2)], { env });
