import { mkdirSync } from 'node:fs';
import { buildDemo, buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { runChecks } from './lib/checks.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { ensureDriver, fetchPackages } from './lib/packages.mjs';
import { CACHE } from './lib/paths.mjs';

/** `npm test`: all its own set-up, then every check, then one line with the counts. */
const started = Date.now();
mkdirSync(CACHE, { recursive: true });
const results = [];
const build = async () => {
  await buildWeb();
  await buildServer();
  await buildDemo();
};
try {
  await ensureChromium();
  await fetchPackages();
  await Promise.all([ensureDriver(), build()]);
  console.log(`\nSet up in ${Math.round((Date.now() - started) / 1000)} s`);
  results.push(...(await runChecks()));
} catch (error) {
  console.error(error.message);
  results.push({ name: 'set-up', passed: 0, failed: 1 });
}
const sum = (key) => results.reduce((total, result) => total + result[key], 0);
console.log('');
for (const { name, passed, failed, seconds = 0 } of results)
  console.log(`${failed > 0 ? '✗' : '✓'} ${name}: ${passed} passed, ${failed} failed (${seconds.toFixed(0)} s)`);
console.log(`${Math.round((Date.now() - started) / 1000)} s`);
console.log(`${sum('passed')} passed, ${sum('failed')} failed`);
process.exit(sum('failed') > 0 ? 1 : 0);
