import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CACHE } from './paths.mjs';
import { capture, runCode, say } from './run.mjs';

/** Fewest modules the dependency rules must have seen; a tool that sees none would pass everything. */
const FEWEST_MODULES = 200;

/** What one check found: how many passed and failed, and its name. */
const one = async (name, command, args) => {
  say(name);
  const code = await runCode(command, args);
  return { name, passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
};

const PACKAGES = ['core', 'contracts', 'demo', 'server', 'app'];

const types = async () => {
  const results = [];
  for (const project of [...PACKAGES.map((name) => `packages/${name}`), 'e2e', 'bench']) {
    results.push(await one(`Types: ${project}`, 'npx', ['tsc', '-p', project]));
  }
  const failed = results.filter((result) => result.failed > 0).length;
  return { name: 'types', passed: failed ? 0 : 1, failed: failed ? 1 : 0 };
};

const dependencies = async () => {
  say('Dependency rules');
  const args = ['depcruise', '--config', 'tools/dependency-rules.cjs', '--output-type', 'json', 'packages', 'e2e', 'bench/src'];
  const { stdout, stderr } = await capture('npx', args);
  const { summary } = stdout ? JSON.parse(stdout) : { summary: { totalCruised: 0, violations: [] } };
  for (const { from, to, rule } of summary.violations) console.error(`${rule.severity} ${rule.name}: ${from} → ${to}`);
  console.log(`${summary.totalCruised} modules, ${summary.totalDependenciesCruised ?? 0} dependencies`);
  const isFine = summary.totalCruised >= FEWEST_MODULES && summary.violations.length === 0;
  if (summary.totalCruised < FEWEST_MODULES)
    console.error(`Only ${summary.totalCruised} modules seen, at least ${FEWEST_MODULES} expected. ${stderr}`);
  return { name: 'dependency rules', passed: isFine ? 1 : 0, failed: isFine ? 0 : 1 };
};

/** Reads a reporter's file; a run that died before writing one counts as one failure. */
const counted = (name, file, count) => {
  try {
    return { name, ...count(JSON.parse(readFileSync(file, 'utf8'))) };
  } catch (error) {
    console.error(`${name}: no result (${error.message})`);
    return { name, passed: 0, failed: 1 };
  }
};

const unit = async () => {
  say('Unit and API tests');
  const file = join(CACHE, 'jest.json');
  rmSync(file, { force: true });
  await runCode('npx', ['jest', '--json', `--outputFile=${file}`]);
  return counted('unit and API tests', file, ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
    passed: numPassedTests,
    failed: numFailedTests + numRuntimeErrorTestSuites,
  }));
};

const browser = async () => {
  say('Browser tests');
  const file = join(CACHE, 'playwright.json');
  rmSync(file, { force: true });
  await runCode('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  });
  return counted('browser tests', file, ({ stats, errors }) => ({
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected + errors.length,
  }));
};

/** Every check, cheapest first. Each gives its counts and none stops the others. */
export const CHECKS = [
  () => one('Lint', 'npx', ['eslint', '.', '--max-warnings', '0']),
  () => one('Formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']),
  types,
  dependencies,
  () => one('Unused code', 'npx', ['knip', '--no-progress', '--no-config-hints', '--exclude', 'types']),
  unit,
  browser,
];
