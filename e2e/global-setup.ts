import { execFileSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { demoDay, loadDemo } from './server';

/** Builds once for all browser tests, loads the demo once, and tells them where both lie. */
export default async function globalSetup(): Promise<() => void> {
  const lines = execFileSync(process.execPath, [join(__dirname, '../tools/build.mjs')], { encoding: 'utf8' })
    .trim()
    .split('\n');
  const [web, server, demo] = lines.slice(-3);
  Object.assign(process.env, { E2E_WEB: web, E2E_SERVER: server, E2E_DEMO: demo });
  const day = demoDay();
  const database = await loadDemo();
  Object.assign(process.env, { E2E_DEMO_DATABASE: database, E2E_DEMO_DAY: day });
  return () => rmSync(dirname(database), { recursive: true });
}
