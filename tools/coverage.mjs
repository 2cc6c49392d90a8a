import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { CACHE, ROOT } from './lib/paths.mjs';
import { runWithin } from './lib/run.mjs';

/** Rooms with an aim of their own, as shares of their lines. */
const AIMS = { 'app/features/care': 0.8, 'app/features/sign-in': 0.6, 'app/frame': 0.6, 'app/figures': 0.6 };
const LIMIT_SECONDS = 30 * 60;

/** `core/strength`, `app/features/care`, `server/review`: where a file lives, as deep as its package is divided. */
const roomOf = (file) => {
  const [, name, , ...rest] = file.split('/');
  if (rest.length === 1) return name;
  return rest[0] === 'features' || rest[0] === 'parts' ? `${name}/${rest[0]}/${rest[1]}` : `${name}/${rest[0]}`;
};

/** `npm run coverage`: lines that unit and API tests run, by room. Files no test touches count as not run. */
await ensurePackages();
const folder = join(CACHE, 'coverage');
const collect = ['src/**/*.{ts,tsx}', '!src/**/*.test.{ts,tsx}', '!src/**/index.ts'];
await runWithin(LIMIT_SECONDS, 'npx', [
  'jest',
  '--silent',
  '--coverage',
  `--coverageDirectory=${folder}`,
  '--coverageReporters=json-summary',
  ...collect.map((pattern) => `--collectCoverageFrom=${pattern}`),
]);
const rooms = new Map();
for (const [path, { lines }] of Object.entries(JSON.parse(readFileSync(join(folder, 'coverage-summary.json'), 'utf8')))) {
  if (path === 'total') continue;
  const room = roomOf(path.slice(ROOT.length + 1));
  const sum = rooms.get(room) ?? { covered: 0, total: 0 };
  rooms.set(room, { covered: sum.covered + lines.covered, total: sum.total + lines.total });
}
console.log('\nLines run by unit and API tests, by room:');
for (const [room, { covered, total }] of [...rooms].sort(([a], [b]) => a.localeCompare(b))) {
  const share = total === 0 ? 1 : covered / total;
  const aim = AIMS[room];
  const told = aim === undefined ? '' : share >= aim ? `  aim ${aim * 100} %` : `  UNDER the aim of ${aim * 100} %`;
  console.log(`  ${`${(share * 100).toFixed(0)} %`.padStart(5)}  ${room} (${covered} of ${total})${told}`);
}
