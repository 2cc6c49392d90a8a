import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

/** Builds once for all browser tests and tells them where it lies. */
export default function globalSetup(): void {
  const lines = execFileSync(process.execPath, [join(__dirname, '../tools/build.mjs')], { encoding: 'utf8' })
    .trim()
    .split('\n');
  const [web, server, demo] = lines.slice(-3);
  Object.assign(process.env, { E2E_WEB: web, E2E_SERVER: server, E2E_DEMO: demo });
}
