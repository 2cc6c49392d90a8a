import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildDemo, buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { ensureDriver, fetchPackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';

/** `npm run demo`: the app with the invented studio. `-- --reset` begins the demo afresh. */
const args = process.argv.slice(2);
const unknown = args.filter((arg) => arg !== '--reset');
if (unknown.length > 0) {
  console.error(`Unknown: ${unknown.join(' ')}. Only --reset is understood.`);
  process.exit(2);
}

const dataDir = process.env.DRUBO_DATA_DIR ?? join(ROOT, '.drubo/demo');
const database = join(dataDir, 'demo.sqlite');
const bundle = join(dataDir, 'demo-bundle.json');

await fetchPackages();
const [webDir] = await Promise.all([buildWeb(), ensureDriver()]);
const server = await buildServer();
mkdirSync(dataDir, { recursive: true });
if (args.includes('--reset')) {
  // The demo's own files and nothing else: a real studio may lie in the same folder.
  const own = ['demo.sqlite', 'demo.sqlite-wal', 'demo.sqlite-shm', 'demo-bundle.json', 'demo.erased.json', 'demo-backups'];
  for (const name of own) rmSync(join(dataDir, name), { recursive: true, force: true });
}
if (!existsSync(database)) await run(process.execPath, [await buildDemo(), bundle]);
serve(server, {
  DRUBO_MODE: 'demo',
  DRUBO_DATA_DIR: dataDir,
  DRUBO_BUNDLE: bundle,
  DRUBO_WEB_DIR: webDir,
  LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
});
