import { execFileSync } from 'node:child_process';
import {
  chmodSync,
  chownSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { expect, test } from '@playwright/test';
import sqlite3 from 'sqlite3';
import { demoCaller, startSession } from '../pages/api';
import type { Caller } from '../pages/api';
import { freePort } from '../server';
import { startProcess } from './process';
import type { Process } from './process';

/** Somebody without rights. Source: Debian's nobody. */
const NOBODY = 65_534;
const MAY_CHANGE_USER = process.getuid?.() === 0;

const told: string[] = [];
/** A line of the table that is printed at the end. */
const tell = (fault: string, happened: string): void => void told.push(`${fault.padEnd(34)} ${happened}`);
test.afterAll(() => console.log(`\n${told.join('\n')}`));

const folders: string[] = [];
const aFolder = (): string => {
  const folder = mkdtempSync(join(tmpdir(), 'drubo-faults-'));
  folders.push(folder);
  return folder;
};
test.afterAll(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

const DEMO = { DRUBO_MODE: 'demo' };
/** A folder with the demo's studio in it. */
const demoFolder = (folder = aFolder()): string => {
  const from = process.env['E2E_DEMO_DATABASE'];
  if (!from) throw new Error('E2E_DEMO_DATABASE is not set: run this with its configuration');
  copyFileSync(from, join(folder, 'demo.sqlite'));
  return folder;
};
const databaseOf = (folder: string): string => join(folder, 'demo.sqlite');

/** What was said last: one sentence each for what happened, what is safe and what to do. */
const lastSaid = ({ said }: Process): string => said().trim().split('\n').at(-1) ?? '';

/** The server doesn't come up, says why, and changes nothing. */
const refusesToStart = async (fault: string, folder: string, exitCode: number, says: RegExp, uid?: number): Promise<void> => {
  const before = existsSync(databaseOf(folder)) ? readFileSync(databaseOf(folder)) : null;
  const server = await startProcess(folder, { env: DEMO, ...(uid === undefined ? {} : { uid }) });
  if (server.came.up) await server.stop('SIGKILL');
  expect([fault, server.came, lastSaid(server)]).toEqual([fault, { up: false, exitCode }, expect.stringMatching(says)]);
  if (before) expect(readFileSync(databaseOf(folder)).equals(before)).toBe(true);
  tell(fault, `exit ${exitCode}: ${lastSaid(server).replaceAll(folder, '…')}`);
};

/** Of the next set: none is sent twice. */
let nextNumber = 1;

/** Sets sent one after another until something happens; which of them were acknowledged, and how the others were answered. */
const sendSets = async (url: string, until: () => boolean, lanes = 4, known?: Caller) => {
  const caller = known ?? (await demoCaller(url));
  const session = await startSession(caller);
  const [kept, refused] = [new Set<string>(), [] as { status: number; reply: unknown }[]];
  let cutOff = 0;
  const lane = async (): Promise<void> => {
    while (!until()) {
      const seq = nextNumber;
      nextNumber += 1;
      const { path, body } = session.set(seq);
      try {
        const answer = await caller.put(path, body);
        if (answer.status === 200) kept.add(`device-set-${seq}`);
        else refused.push(answer);
      } catch {
        // Nobody answered: the sender can't know, and would send it again.
        cutOff += 1;
        return;
      }
    }
  };
  await Promise.all(Array.from({ length: lanes }, lane));
  return { session, kept, refused, cutOff };
};

const lostOf = async (url: string, kept: ReadonlySet<string>, sessionId: string): Promise<string[]> => {
  const caller = await demoCaller(url);
  const { sets } = await caller.get<{ sets: { id: string }[] }>(`/api/sessions/${sessionId}`);
  const stored = new Set(sets.map(({ id }) => id));
  return [...kept].filter((id) => !stored.has(id));
};

const inFile = <Row>(file: string, sql: string): Promise<Row[]> =>
  new Promise((resolve, reject) => {
    const db = new sqlite3.Database(file);
    db.all(sql, (error, rows: Row[]) => db.close(() => (error ? reject(error) : resolve(rows))));
  });

test('the power goes while sets come in', async () => {
  const folder = demoFolder();
  const rounds = 5;
  let [kept, cutOff, lost] = [0, 0, 0];
  for (let round = 0; round < rounds; round += 1) {
    const server = await startProcess(folder, { env: DEMO });
    let isOver = false;
    setTimeout(() => void server.stop('SIGKILL').then(() => (isOver = true)), 1_000 + round * 173);
    const sent = await sendSets(server.url, () => isOver);
    const again = await startProcess(folder, { env: DEMO });
    const gone = await lostOf(again.url, sent.kept, sent.session.sessionId);
    [kept, cutOff, lost] = [kept + sent.kept.size, cutOff + sent.cutOff, lost + gone.length];
    await again.stop();
  }
  expect(lost).toBe(0);
  expect(kept).toBeGreaterThan(rounds);
  tell('killed under load', `${rounds} rounds, ${kept} sets acknowledged, ${cutOff} cut off, ${lost} lost`);
});

test('a stop under load finishes what was begun', async () => {
  const folder = demoFolder();
  const server = await startProcess(folder, { env: DEMO });
  let isStopping = false;
  const ended = new Promise<number | null>((resolve) =>
    setTimeout(() => {
      isStopping = true;
      void server.stop('SIGTERM').then(resolve);
    }, 1_500),
  );
  const { session, kept, cutOff } = await sendSets(server.url, () => isStopping);
  expect(await ended).toBe(0);
  const again = await startProcess(folder, { env: DEMO });
  const lost = await lostOf(again.url, kept, session.sessionId);
  expect(lost).toEqual([]);
  expect(kept.size).toBeGreaterThan(10);
  await again.stop();
  tell('SIGTERM under load', `exit 0; ${kept.size} sets acknowledged, ${cutOff} cut off, ${lost.length} lost`);
});

test('the disk fills up while sets come in, and is given room again', async () => {
  const folder = aFolder();
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=64m', 'tmpfs', folder], { stdio: 'pipe' });
  } catch {
    tell('disk full', 'not tried: a small file system can’t be mounted here');
    test.skip(true, 'a small file system can’t be mounted here');
  }
  try {
    demoFolder(folder);
    const server = await startProcess(folder, { env: DEMO });
    expect(server.came).toEqual({ up: true });
    const filler = join(folder, 'filler');
    const fill = (): void => {
      try {
        execFileSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=4096', 'count=1000000'], { stdio: 'pipe' });
      } catch {
        // As meant: it stops where nothing more fits.
      }
    };
    const caller = await demoCaller(server.url);
    const before = await sendSets(server.url, oneSecondFrom(Date.now()));
    fill();
    // Whoever was in before stays in: coming in is a write.
    const full = await sendSets(server.url, oneSecondFrom(Date.now()), 1, caller);
    // Reading goes on, and whoever asks is told.
    const [ready, floor] = [await fetch(`${server.url}/api/ready`), await caller.get<{ entries: unknown[] }>('/api/floor')];
    expect(ready.status).toBe(503);
    expect(floor.entries.length).toBeGreaterThan(0);
    const [answer] = full.refused;
    expect(answer).toMatchObject({ status: 503, reply: { code: 'no-room' } });
    rmSync(filler);
    const after = await sendSets(server.url, oneSecondFrom(Date.now()));
    expect(after.kept.size).toBeGreaterThan(0);
    const lost = await lostOf(server.url, new Set([...before.kept, ...full.kept, ...after.kept]), before.session.sessionId);
    expect(lost).toEqual([]);
    await server.stop();
    expect(await inFile(databaseOf(folder), 'PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
    tell(
      'disk full, then room again',
      `503 “${(answer?.reply as { message: string }).message}”; reading goes on; ${before.kept.size + after.kept.size} sets acknowledged, ${lost.length} lost; file whole`,
    );
    // Started on a full disk.
    fill();
    await refusesToStart('started on a full disk', folder, 7, /disk .* is full.*Make room/);
  } finally {
    execFileSync('umount', ['-l', folder]);
  }
});

const oneSecondFrom = (from: number) => (): boolean => Date.now() - from > 1_000;

test('a folder and a file that may not be written to', async () => {
  test.skip(!MAY_CHANGE_USER, 'only root can start it as somebody else');
  const folder = demoFolder();
  chmodSync(dirname(folder), statSync(dirname(folder)).mode | 0o001);
  chmodSync(folder, 0o555);
  chmodSync(databaseOf(folder), 0o444);
  await refusesToStart('read-only folder', folder, 6, /can’t write to .*right to write/, NOBODY);
  const other = demoFolder();
  chownSync(other, NOBODY, NOBODY);
  chmodSync(databaseOf(other), 0o444);
  await refusesToStart('read-only file', other, 6, /can’t write to/, NOBODY);
});

test('a file that was damaged, cut, or written by a newer version; one that is gone', async () => {
  const damaged = demoFolder();
  const bytes = readFileSync(databaseOf(damaged));
  bytes.fill(0x5a, 8_192, 200_000);
  writeFileSync(databaseOf(damaged), bytes);
  await refusesToStart('damaged', damaged, 5, /is damaged.*Nothing was changed.*restore/);

  const cut = demoFolder();
  truncateSync(databaseOf(cut), Math.floor(statSync(databaseOf(cut)).size / 2));
  await refusesToStart('cut in half', cut, 5, /is damaged.*Nothing was changed/);

  const newer = demoFolder();
  await inFile(databaseOf(newer), `INSERT INTO migrations_done (name) VALUES ('0999-later')`);
  await refusesToStart('written by a newer version', newer, 4, /newer Drubo \(0999-later\)/);

  const missing = demoFolder();
  mkdirSync(join(missing, 'backups'), { recursive: true });
  const server = await startProcess(missing, { env: DEMO });
  await server.stop();
  rmSync(databaseOf(missing));
  writeFileSync(`${databaseOf(missing)}-wal`, '');
  await refusesToStart('gone, with traces of it left', missing, 9, /There is no database .*but there was one/);
});

test('two processes on one folder; a port that is taken', async () => {
  const folder = demoFolder();
  const first = await startProcess(folder, { env: DEMO });
  const second = await startProcess(folder, { env: DEMO });
  expect(second.came).toEqual({ up: false, exitCode: 8 });
  expect((await fetch(`${first.url}/api/ready`)).status).toBe(200);
  tell('a second process on the folder', `exit 8: ${lastSaid(second).replaceAll(folder, '…')}`);
  await first.stop('SIGKILL');
  const after = await startProcess(folder, { env: DEMO });
  expect(after.came).toEqual({ up: true });
  tell('started after a killed one', 'up: nothing of the lock was left');
  await after.stop();

  const port = await freePort();
  const holder = createServer();
  await new Promise<void>((resolve) => holder.listen(port, '127.0.0.1', resolve));
  const third = await startProcess(aFolder(), { port });
  holder.close();
  expect(third.came).toEqual({ up: false, exitCode: 3 });
  tell('port in use', `exit 3: ${lastSaid(third)}`);
});

test('the clock goes back', async () => {
  const folder = demoFolder();
  const ahead = await startProcess(folder, { env: { ...DEMO, DRUBO_DEMO_DAYS_AHEAD: '30' } });
  const first = await sendSets(ahead.url, oneSecondFrom(Date.now()), 1);
  await ahead.stop();
  const back = await startProcess(folder, { env: DEMO });
  const lost = await lostOf(back.url, first.kept, first.session.sessionId);
  const second = await sendSets(back.url, oneSecondFrom(Date.now()), 1);
  expect([lost, second.refused]).toEqual([[], []]);
  expect((await fetch(`${back.url}/api/ready`)).status).toBe(200);
  await back.stop();
  tell(
    'clock 30 days ahead, then back',
    `${first.kept.size} and ${second.kept.size} sets acknowledged, ${lost.length} lost, none refused`,
  );
});
