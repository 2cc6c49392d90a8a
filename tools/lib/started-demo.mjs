import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const PORT = 46_123;

/** Seconds from `npm run demo` until its address is printed; then it is stopped with Ctrl-C. */
const once = (dataDir) =>
  new Promise((resolve, reject) => {
    const began = performance.now();
    const child = spawn('npm', ['run', '--silent', 'demo'], {
      cwd: ROOT,
      env: { ...process.env, PORT: String(PORT), DRUBO_DATA_DIR: dataDir },
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
    });
    let seconds = null;
    child.stdout.on('data', (chunk) => {
      if (seconds !== null || !chunk.toString().includes('Drubo is at')) return;
      seconds = (performance.now() - began) / 1000;
      // As a terminal does it: to the whole group.
      process.kill(-child.pid, 'SIGINT');
    });
    child.on('exit', () => (seconds === null ? reject(new Error('the demo ended without starting')) : resolve(seconds)));
  });

/** The demo started twice on one data folder, everything built already. */
export const startedDemo = async () => {
  const dataDir = mkdtempSync(join(tmpdir(), 'drubo-demo-'));
  try {
    return { first: await once(dataDir), second: await once(dataDir) };
  } finally {
    rmSync(dataDir, { recursive: true });
  }
};
