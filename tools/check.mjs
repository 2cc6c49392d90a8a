import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { changedFiles, roomsOf, touchedProjects } from './lib/changed.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { CACHE } from './lib/paths.mjs';
import { capture, say } from './lib/run.mjs';

/**
 * `npm run check`: what a small change can break, in under a minute: types of what it touches, lint and formatting of the
 * changed files, dependency rules, the tests of the rooms it is in. `-- --since REF` counts what was committed since. What is
 * green here may still fail in `npm test`, which checks everything.
 */
const since = process.argv.includes('--since') ? process.argv[process.argv.indexOf('--since') + 1] : 'HEAD';
const started = Date.now();
await ensurePackages();
const files = await changedFiles(since);
if (files.length === 0) {
  console.log(`Nothing changed since ${since}.`);
  process.exit(0);
}
mkdirSync(join(CACHE, 'types'), { recursive: true });

const timed = async (name, command, args) => {
  const began = Date.now();
  const { code, stdout, stderr } = await capture(command, args);
  return { name, code, seconds: (Date.now() - began) / 1000, text: `${stdout}${stderr}` };
};
const types = (project) =>
  timed(`types: ${project}`, 'npx', [
    'tsc',
    '-p',
    project,
    '--noEmit',
    '--incremental',
    '--tsBuildInfoFile',
    join(CACHE, 'types', `${project.replaceAll('/', '-')}.tsbuildinfo`),
  ]);
const inTurn = async (checks) => {
  const results = [];
  for (const check of checks) results.push(await check());
  return results;
};

const code = files.filter((file) => /\.(tsx?|mjs|cjs)$/.test(file));
const { patterns, projects } = roomsOf(files);
const text = [
  ...(code.length > 0
    ? [
        () =>
          timed('lint', 'npx', [
            'eslint',
            '--cache',
            '--cache-location',
            join(CACHE, 'eslint/'),
            '--max-warnings',
            '0',
            '--no-warn-ignored',
            ...code,
          ]),
      ]
    : []),
  () => timed('formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '--ignore-unknown', ...files]),
  ...touchedProjects(files).map((project) => () => types(project)),
];
const tests = [
  ...(patterns.length > 0
    ? [
        () =>
          timed('tests of the rooms', 'npx', [
            'jest',
            '--selectProjects',
            ...projects,
            '--maxWorkers=1',
            '--testPathPattern',
            patterns.join('|'),
          ]),
      ]
    : []),
  () => timed('dependency rules', 'npx', ['depcruise', '--config', 'tools/dependency-rules.cjs', 'packages', 'e2e', 'bench/src']),
];
// Two lanes, as there are two cores.
const results = (await Promise.all([inTurn(text), inTurn(tests)])).flat();
for (const { name, code: ended, text: told } of results) {
  if (ended === 0) continue;
  say(name);
  console.log(told.trim());
}
console.log('');
for (const { name, code: ended, seconds } of results) console.log(`${ended === 0 ? '✓' : '✗'} ${name}: ${seconds.toFixed(1)} s`);
console.log(`${files.length} files changed since ${since}; ${((Date.now() - started) / 1000).toFixed(1)} s`);
process.exit(results.some((result) => result.code !== 0) ? 1 : 0);
