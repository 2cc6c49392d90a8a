import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { CACHE, ROOT } from './lib/paths.mjs';
import { run, say } from './lib/run.mjs';
import { sampleOf, seeded } from './lib/sample.mjs';

/**
 * `npm run mutate [-- ROOM …] [--mutants N] [--seed S]`: breaks rules of core's rooms on purpose, one at a time, and tells
 * which of the breaks no test of that room saw; what only a walk through everything would see counts as not seen. Each room's share of broken rules that were caught is held against what is asked of it.
 */
const ASKED = { progression: 80, limits: 80, strength: 70, composer: 70 };
const CORE = join(ROOT, 'packages/core');
const args = process.argv.slice(2);
const option = (name, usual) => {
  const at = args.indexOf(`--${name}`);
  if (at < 0) return usual;
  const [, value] = args.splice(at, 2);
  if (!/^\d+$/.test(value ?? '')) throw new Error(`--${name} takes a whole number`);
  return Number(value);
};
const mutants = option('mutants', 300);
const seed = option('seed', 1);
const rooms = args.length > 0 ? args : Object.keys(ASKED);
for (const room of rooms) if (!existsSync(join(CORE, 'src', room))) throw new Error(`There is no room ${room} in core.`);

/** Mutants that change nothing anybody could see, by the line they stand in and what they put there. */
const EQUIVALENT = JSON.parse(readFileSync(join(ROOT, 'tools/equivalent-mutants.json'), 'utf8'));
const isEquivalent = (file, line, replacement) =>
  EQUIVALENT.some((known) => known.file === file && known.line === line.trim() && known.replacement === replacement);

const filesOf = (dir) =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return filesOf(path);
    return /\.ts$/.test(entry.name) && !/(\.test|^index|^types)\.ts$/.test(entry.name) ? [path] : [];
  });

/** Every break the mutator knows of a room's files. */
const mutantsOf = async (room) => {
  const { Instrumenter } = await import('@stryker-mutator/instrumenter');
  const silent = { debug() {}, info() {}, warn() {}, isDebugEnabled: () => false };
  const files = filesOf(join(CORE, 'src', room)).map((name) => ({ name, mutate: true, content: readFileSync(name, 'utf8') }));
  const options = { plugins: null, excludedMutations: EXCLUDED, ignorers: [] };
  // What is left out is listed too, with why.
  return (await new Instrumenter(silent).instrument(files, options)).mutants.filter(({ status }) => status === undefined);
};

/** Words and lists of words are data: their own tests read them as wholes. */
const EXCLUDED = ['StringLiteral'];

const mutate = async (room) => {
  const all = await mutantsOf(room);
  const ranges = sampleOf(all, mutants, seeded(seed));
  const work = join(CACHE, 'mutate', room);
  rmSync(work, { recursive: true, force: true });
  mkdirSync(work, { recursive: true });
  const report = join(work, 'report.json');
  const config = join(work, 'stryker.config.json');
  const jest = {
    testEnvironment: 'node',
    testMatch: [`<rootDir>/src/${room}/**/*.test.ts`],
    transform: { '\\.[jt]sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
  };
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      plugins: ['@stryker-mutator/jest-runner'],
      jest: { projectType: 'custom', config: jest, enableFindRelatedTests: true },
      coverageAnalysis: 'perTest',
      mutate: ranges.map(({ fileName, start, end }) => {
        const file = relative(CORE, fileName);
        return `${file}:${start.line + 1}:${start.column}-${end.line + 1}:${end.column}`;
      }),
      mutator: { excludedMutations: EXCLUDED },
      ignorePatterns: ['dist'],
      tempDirName: '.stryker-tmp',
      reporters: ['json', 'progress-append-only'],
      jsonReporter: { fileName: report },
      concurrency: 2,
      timeoutMS: 20_000,
      allowConsoleColors: false,
      disableTypeChecks: false,
    }),
  );
  say(`${room}: about ${mutants} of ${all.length} mutants, seed ${seed}`);
  await run('npx', ['stryker', 'run', config], { cwd: CORE });
  return { room, ...readReport(report) };
};

const CAUGHT = new Set(['Killed', 'Timeout']);
const SEEN = new Set([...CAUGHT, 'Survived', 'NoCoverage']);

const readReport = (report) => {
  const { files } = JSON.parse(readFileSync(report, 'utf8'));
  const found = Object.entries(files).flatMap(([file, { source, mutants: own }]) => {
    const lines = source.split('\n');
    return own
      .filter(({ status }) => SEEN.has(status))
      .map(({ status, location, replacement = '' }) => {
        const line = lines[location.start.line - 1] ?? '';
        return { file, status, at: location.start.line, line, replacement, isEquivalent: isEquivalent(file, line, replacement) };
      });
  });
  const counted = found.filter((mutant) => !mutant.isEquivalent);
  return {
    equivalent: found.length - counted.length,
    total: counted.length,
    caught: counted.filter(({ status }) => CAUGHT.has(status)).length,
    survivors: counted.filter(({ status }) => !CAUGHT.has(status)),
  };
};

await ensurePackages();
const results = [];
for (const room of rooms) results.push(await mutate(room));
rmSync(join(CORE, '.stryker-tmp'), { recursive: true, force: true });
for (const { room, survivors } of results) {
  say(`${room}: nobody saw these`);
  for (const { file, at, status, line, replacement } of survivors)
    console.log(`${file}:${at} ${status === 'NoCoverage' ? '(never run) ' : ''}${line.trim()}  →  ${replacement}`);
}
console.log('');
let isShort = false;
for (const { room, total, caught, equivalent } of results) {
  const score = total === 0 ? 0 : (100 * caught) / total;
  const asked = ASKED[room];
  isShort ||= asked !== undefined && score < asked;
  const others = equivalent > 0 ? `, ${equivalent} equivalent left out` : '';
  console.log(`${room}: ${score.toFixed(1)} % of ${total} caught${asked ? ` (asked ${asked} %)` : ''}${others}`);
}
process.exit(isShort ? 1 : 0);
