import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { buildKeeping } from './build-server.mjs';
import { ensurePackages } from './packages.mjs';
import { ROOT } from './paths.mjs';

/** Does one task on a studio's data, with what stands behind the command; its exit code is ours. */
export const keep = async (task) => {
  await ensurePackages();
  const env = { ...process.env, DRUBO_DATA_DIR: process.env.DRUBO_DATA_DIR ?? join(ROOT, '.drubo/studio') };
  const { status } = spawnSync(process.execPath, [await buildKeeping(), task, ...process.argv.slice(2)], {
    stdio: 'inherit',
    env,
  });
  process.exit(status ?? 1);
};
