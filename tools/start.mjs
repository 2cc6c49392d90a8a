import { join } from 'node:path';
import { buildServer } from './lib/build-server.mjs';
import { buildWeb } from './lib/build-web.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { serve } from './lib/serve.mjs';

/** `npm start`: the real server on its own data folder. */
await ensurePackages();
const webDir = await buildWeb();
serve(await buildServer(), {
  DRUBO_MODE: 'studio',
  DRUBO_DATA_DIR: process.env.DRUBO_DATA_DIR ?? join(ROOT, '.drubo/studio'),
  DRUBO_WEB_DIR: webDir,
  LOG_LEVEL: process.env.LOG_LEVEL ?? 'info',
});
