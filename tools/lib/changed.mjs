import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { capture } from './run.mjs';

/** Files changed since a commit, those nobody added yet among them; deleted ones are gone from the list. */
export const changedFiles = async (since) => {
  const lines = async (args) => (await capture('git', args)).stdout.split('\n').filter(Boolean);
  const all = [
    ...(await lines(['diff', '--name-only', since])),
    ...(await lines(['ls-files', '--others', '--exclude-standard'])),
  ];
  return [...new Set(all)].filter((file) => existsSync(join(ROOT, file)));
};

/** Who is checked again when a package changes: itself, and everybody who builds on it. */
const BUILT_ON = {
  'packages/core': [
    'packages/core',
    'packages/words',
    'packages/contracts',
    'packages/demo',
    'packages/server',
    'packages/app',
    'bench',
  ],
  'packages/words': ['packages/words', 'packages/server', 'packages/app'],
  'packages/contracts': ['packages/contracts', 'packages/demo', 'packages/server', 'packages/app'],
  'packages/demo': ['packages/demo'],
  'packages/server': ['packages/server'],
  'packages/app': ['packages/app'],
  e2e: ['e2e', 'bench'],
  bench: ['bench'],
};

/** Projects whose types a change can break. */
export const touchedProjects = (files) => [
  ...new Set(
    Object.entries(BUILT_ON).flatMap(([from, touched]) =>
      files.some((file) => file.startsWith(`${from}/`) && /\.tsx?$/.test(file)) ? touched : [],
    ),
  ),
];

/** Tests of the server's rooms, by capability; a room that is not named here is tested by the loop. */
const SERVER_TESTS = {
  auth: 'auth|trainers',
  db: 'database|upgrade',
  devices: 'rep-sensor',
  house: 'studio|movements',
  http: 'bad-input',
  people: 'health|studio',
  person: 'judging|health',
  review: 'loop|judging',
  session: 'floor|commands',
  sheet: 'sheets',
  shared: 'commands',
  studio: 'movements',
  transfer: 'upgrade|judging',
  trends: 'trends',
};

/** The tests that lie in the rooms a change is in: patterns for their paths, and the projects they belong to. */
export const roomsOf = (files) => {
  const patterns = new Set();
  const projects = new Set();
  for (const file of files) {
    const [top, name, kind, room] = file.split('/');
    if (top !== 'packages' || !/\.tsx?$/.test(file)) continue;
    if (name === 'server') {
      patterns.add(kind === 'tests' ? file : `server/tests/(${SERVER_TESTS[room] ?? 'loop'})`);
      projects.add('server');
    } else if (name === 'app') {
      const area = room === 'features' ? `features/${file.split('/')[4]}` : room;
      patterns.add(kind === 'tests' ? 'packages/app/src' : `packages/app/src/${area}/`);
      projects.add('app').add('app, drawn');
    } else {
      patterns.add(room?.includes('.') || room === undefined ? `packages/${name}/src/[^/]+$` : `packages/${name}/src/${room}/`);
      projects.add(name);
    }
  }
  return { patterns: [...patterns], projects: [...projects] };
};
