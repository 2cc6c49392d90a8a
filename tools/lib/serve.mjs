import { spawn } from 'node:child_process';
import { ROOT } from './paths.mjs';

/** Runs the server in the foreground: Ctrl-C reaches it once, and its exit code is ours. */
export const serve = (file, env, nodeArgs = []) => {
  const child = spawn(process.execPath, [...nodeArgs, '--enable-source-maps', file], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
    // Its own process group, so that a terminal's Ctrl-C comes through us alone.
    detached: true,
  });
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => child.kill(signal === 'SIGHUP' ? 'SIGTERM' : signal));
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
};
