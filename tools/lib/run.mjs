import { spawn } from 'node:child_process';
import { ROOT } from './paths.mjs';

/** Runs a command to its end with its output shown. Gives its exit code. */
const runCode = (command, args, options = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options, env: { ...process.env, ...options.env } });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0)));
  });

/**
 * As `runCode`, but a command that hangs is ended with all it started after `limitSeconds`, and said aloud.
 * A run that printed its results and then never left must not hold everything behind it.
 */
export const runWithin = (limitSeconds, command, args, options = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: 'inherit',
      ...options,
      detached: true,
      env: { ...process.env, ...options.env },
    });
    const endAll = () => process.kill(-child.pid, 'SIGKILL');
    const limit = setTimeout(() => {
      console.error(`"${command} ${args.join(' ')}" was still running after ${limitSeconds} s and was ended.`);
      endAll();
    }, limitSeconds * 1000);
    process.once('SIGINT', endAll);
    child.on('error', reject);
    child.on('exit', (code, signal) => {
      clearTimeout(limit);
      process.removeListener('SIGINT', endAll);
      resolve(code ?? (signal ? 1 : 0));
    });
  });

/** Runs a command and throws when it fails. */
export const run = async (command, args, options) => {
  const code = await runCode(command, args, options);
  if (code !== 0) throw new Error(`"${command} ${args.join(' ')}" ended with ${code}`);
};

/** Runs a command and gives what it printed and its exit code; shows nothing. */
export const capture = (command, args, options = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      ...options,
      env: { ...process.env, ...options.env },
    });
    let stdout = '';
    let stderr = '';
    child.stdout.on('data', (chunk) => (stdout += chunk));
    child.stderr.on('data', (chunk) => (stderr += chunk));
    child.on('error', reject);
    child.on('exit', (code) => resolve({ code: code ?? 1, stdout, stderr }));
  });

/** Says one line of what is being done. */
export const say = (text) => console.log(`\n▸ ${text}`);
