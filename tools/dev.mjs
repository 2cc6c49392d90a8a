import { spawn } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildDemo } from './lib/build-server.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';

/** `npm run dev`: the demo studio with the bundler's live reload and a server that restarts when its code changes. */
const WEB_PORT = process.env.WEB_PORT ?? '8081';
const dataDir = process.env.DRUBO_DATA_DIR ?? join(ROOT, '.drubo/dev');
const bundle = join(dataDir, 'demo-bundle.json');

await ensurePackages();
mkdirSync(dataDir, { recursive: true });
if (!existsSync(bundle)) await run(process.execPath, [await buildDemo(), bundle]);

const start = (command, args, options) =>
  spawn(command, args, {
    stdio: 'inherit',
    ...options,
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', ...options.env },
  });

const children = [
  start('npx', ['expo', 'start', '--web', '--port', WEB_PORT], {
    cwd: join(ROOT, 'packages/app'),
    env: { BROWSER: 'none', CI: '0' },
  }),
  start('npx', ['tsx', 'watch', 'packages/server/src/main.ts'], {
    cwd: ROOT,
    env: { DRUBO_MODE: 'demo', DRUBO_DATA_DIR: dataDir, DRUBO_BUNDLE: bundle, DRUBO_WEB_DEV: `http://localhost:${WEB_PORT}` },
  }),
];
const stop = () => children.forEach((child) => child.kill('SIGTERM'));
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
for (const child of children) child.on('exit', stop);
