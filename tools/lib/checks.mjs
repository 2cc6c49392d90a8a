import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CACHE } from './paths.mjs';
import { capture, runWithin, say } from './run.mjs';

/** Fewest modules the dependency rules must have seen; a tool that sees none would pass everything. */
const FEWEST_MODULES = 200;

/** What one check found: how many passed and failed, and its name. Shown when it is done, because another may run beside it. */
const one = async (name, command, args) => {
  const { code, stdout, stderr } = await capture(command, args);
  say(name);
  process.stdout.write(stdout);
  process.stderr.write(stderr);
  return { name, passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
};

const PACKAGES = ['core', 'words', 'contracts', 'demo', 'server', 'app'];

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

/** How long a run of tests may take before it counts as hung, in seconds: several times what it takes on a slow machine. */
const HUNG_AFTER_SECONDS = 40 * 60;

/** Reads a reporter's file. A run that wrote none, or ended badly with every test passed, counts as one failure. */
const counted = (name, file, code, count) => {
  try {
    const { passed, failed } = count(JSON.parse(readFileSync(file, 'utf8')));
    return { name, passed, failed: failed === 0 && code !== 0 ? 1 : failed };
  } catch (error) {
    console.error(`${name}: no result (${error.message})`);
    return { name, passed: 0, failed: 1 };
  }
};

const unit = async () => {
  say('Unit and API tests');
  const file = join(CACHE, 'jest.json');
  rmSync(file, { force: true });
  const code = await runWithin(HUNG_AFTER_SECONDS, 'npx', ['jest', '--json', `--outputFile=${file}`]);
  return counted('unit and API tests', file, code, ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
    passed: numPassedTests,
    failed: numFailedTests + numRuntimeErrorTestSuites,
  }));
};

const browser = async () => {
  say('Browser tests');
  const file = join(CACHE, 'playwright.json');
  rmSync(file, { force: true });
  const code = await runWithin(HUNG_AFTER_SECONDS, 'npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  });
  return counted('browser tests', file, code, ({ stats, errors }) => ({
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected + errors.length,
  }));
};

/** Checks of the text, in two lanes that run beside each other; linting alone takes as long as all the others. */
const STATIC = [
  [() => one('Lint', 'npx', ['eslint', '.', '--max-warnings', '0'])],
  [
    () => one('Formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']),
    types,
    dependencies,
    () => one('Unused code', 'npx', ['knip', '--no-progress', '--no-config-hints', '--exclude', 'types']),
  ],
];

const inTurn = async (checks) => {
  const results = [];
  for (const check of checks) {
    const began = Date.now();
    results.push({ ...(await check()), seconds: (Date.now() - began) / 1000 });
  }
  return results;
};

/** Every check, cheapest first. Each gives its counts and none stops the others. */
export const runChecks = async () => [...(await Promise.all(STATIC.map(inTurn))).flat(), ...(await inTurn([unit, browser]))];
