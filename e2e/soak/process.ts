import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { freePort } from '../server';

/** The server as it is started by hand, with all it says. */
export interface Process {
  url: string;
  /** Everything it printed so far. */
  said(): string;
  /** Whether it serves; else how it ended. */
  came: { up: true } | { up: false; exitCode: number | null };
  child: ChildProcess;
  /** Ends it; gives its exit code. */
  stop(signal?: NodeJS.Signals): Promise<number | null>;
}

/** Starts the server on a data folder and waits until it serves or ends. `uid`: as whom, where we may choose. */
export const startProcess = async (
  dataDir: string,
  { env = {}, uid, port }: { env?: NodeJS.ProcessEnv; uid?: number; port?: number } = {},
): Promise<Process> => {
  const server = process.env['E2E_SERVER'];
  if (!server) throw new Error('E2E_SERVER is not set: run this with its configuration');
  const at = port ?? (await freePort());
  const child = spawn(process.execPath, [server], {
    env: {
      ...process.env,
      PORT: String(at),
      DRUBO_DATA_DIR: dataDir,
      DRUBO_MODE: 'studio',
      LOG_LEVEL: 'fatal',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    ...(uid === undefined ? {} : { uid, gid: uid }),
  });
  let text = '';
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  const came = await new Promise<Process['came']>((resolve) => {
    const listen = (chunk: Buffer): void => {
      text += chunk.toString();
      if (text.includes('Drubo is at')) resolve({ up: true });
    };
    child.stdout.on('data', listen);
    child.stderr.on('data', listen);
    void ended.then((exitCode) => resolve({ up: false, exitCode }));
  });
  return {
    url: `http://localhost:${at}`,
    said: () => text,
    came,
    child,
    stop: (signal = 'SIGTERM') => {
      child.kill(signal);
      return ended;
    },
  };
};
