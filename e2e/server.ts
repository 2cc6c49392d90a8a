import { execFileSync, spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { copyFileSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import sqlite3 from 'sqlite3';

const built = (name: 'E2E_WEB' | 'E2E_SERVER' | 'E2E_DEMO'): string => {
  const path = process.env[name];
  if (!path) throw new Error(`${name} is not set: run the tests with their configuration`);
  return path;
};

/** A port nobody listens on. */
export const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** A server of its own, as a user would start it: one port, its own data folder. */
export interface OwnServer {
  url: string;
  /** Stops it; `SIGKILL` as if the power went. */
  stop(signal?: NodeJS.Signals): Promise<void>;
  /** Starts it again, the demo's clock so many days ahead. */
  start(daysAhead?: number): Promise<void>;
  /** Its database file. Changed from outside only while it is stopped. */
  databaseFile: string;
  /** What SQLite says of its own file: `ok` where nothing is wrong. */
  integrity(): Promise<string>;
  /** Memory the process holds, MB. */
  memoryMb(): number;
  /** Stops it for good and deletes its data. */
  remove(): Promise<void>;
}

/** The demo's studio loaded once for a whole run; every demo server begins with a copy of its database. */
export const loadDemo = async (): Promise<string> => {
  const bundleDir = mkdtempSync(join(tmpdir(), 'drubo-e2e-'));
  const bundle = join(bundleDir, 'bundle.json');
  execFileSync(process.execPath, [built('E2E_DEMO'), bundle]);
  const server = await started('demo', built('E2E_WEB'), { DRUBO_BUNDLE: bundle });
  await server.stop();
  rmSync(bundleDir, { recursive: true });
  return server.databaseFile;
};

/** The demo studio's day: its bookings are made for it. */
export const demoDay = (): string => new Intl.DateTimeFormat('en-CA', { timeZone: 'Atlantic/Faroe' }).format(new Date());

/** The demo as loaded for today; loaded again where a run goes over midnight. */
const demoOfToday = async (): Promise<string> => {
  const known = process.env['E2E_DEMO_DATABASE'];
  if (known && process.env['E2E_DEMO_DAY'] === demoDay()) return known;
  const day = demoDay();
  const database = await loadDemo();
  process.once('exit', () => rmSync(dirname(database), { recursive: true, force: true }));
  Object.assign(process.env, { E2E_DEMO_DATABASE: database, E2E_DEMO_DAY: day });
  return database;
};

/** Starts a server: an empty studio, or the demo. */
export const startServer = async (mode: 'studio' | 'demo', webDir = built('E2E_WEB')): Promise<OwnServer> => {
  if (mode === 'studio') return started(mode, webDir);
  return started(mode, webDir, {}, await demoOfToday());
};

const started = async (
  mode: 'studio' | 'demo',
  webDir: string,
  more: NodeJS.ProcessEnv = {},
  copyOf?: string,
): Promise<OwnServer> => {
  const dataDir = mkdtempSync(join(tmpdir(), 'drubo-e2e-'));
  const databaseFile = join(dataDir, `${mode}.sqlite`);
  if (copyOf) copyFileSync(copyOf, databaseFile);
  const port = await freePort();
  const url = `http://localhost:${port}`;
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    PORT: String(port),
    DRUBO_DATA_DIR: dataDir,
    DRUBO_MODE: mode,
    DRUBO_WEB_DIR: webDir,
    LOG_LEVEL: 'error',
    ...more,
  };
  let child: ChildProcess | null = null;
  const start = (daysAhead = 0) =>
    new Promise<void>((resolve, reject) => {
      const ahead = { ...env, DRUBO_DEMO_DAYS_AHEAD: String(daysAhead) };
      const started = spawn(process.execPath, [built('E2E_SERVER')], { env: ahead, stdio: ['ignore', 'pipe', 'inherit'] });
      child = started;
      started.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
      started.stdout?.on('data', (chunk: Buffer) => chunk.toString().includes('Drubo is at') && resolve());
    });
  const stop = (signal: NodeJS.Signals = 'SIGTERM') =>
    new Promise<void>((resolve) => {
      if (!child || child.exitCode !== null || child.signalCode !== null) return resolve();
      child.once('exit', () => resolve());
      child.kill(signal);
    });
  await start();
  return {
    url,
    start,
    stop,
    databaseFile,
    integrity: () =>
      new Promise((resolve, reject) => {
        const db = new sqlite3.Database(databaseFile, sqlite3.OPEN_READONLY, (failed) => {
          if (failed) return reject(failed);
          db.all('PRAGMA integrity_check', (error, rows: { integrity_check: string }[]) =>
            db.close(() => (error ? reject(error) : resolve(rows.map((row) => row.integrity_check).join('; ')))),
          );
        });
      }),
    memoryMb: () => {
      const status = readFileSync(`/proc/${child?.pid}/status`, 'utf8');
      return Number(/VmRSS:\s+(\d+) kB/.exec(status)?.[1] ?? NaN) / 1024;
    },
    remove: async () => {
      await stop();
      rmSync(dataDir, { recursive: true });
    },
  };
};
