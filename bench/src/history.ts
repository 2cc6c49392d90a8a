import sqlite3 from 'sqlite3';
import { demoCaller } from '../../e2e/pages/api';
import type { Caller } from '../../e2e/pages/api';
import { startServer } from '../../e2e/server';
import { percentiles } from './percentiles';

const AIM_MS = 150;
const AIM_RATIO = 1.3;
const READS = 30;
const YEARS = 5;
export const SESSIONS_EACH = 40;
const SETS = 30_000;
const PEOPLE = 200;

/** One statement at a time. */
const run = (db: sqlite3.Database, sql: string): Promise<void> =>
  new Promise((resolve, reject) => db.run(sql, (error) => (error ? reject(error) : resolve())));
const rows = <Row>(db: sqlite3.Database, sql: string): Promise<Row[]> =>
  new Promise((resolve, reject) => db.all(sql, (error, found: Row[]) => (error ? reject(error) : resolve(found))));

/** Copies rows so many times inside the database; `set` says what differs, in SQL, with `k` the number of the copy. */
const copyRows = async (
  db: sqlite3.Database,
  table: string,
  where: string,
  count: number,
  set: Readonly<Record<string, string>>,
): Promise<void> => {
  const columns = (await rows<{ name: string }>(db, `PRAGMA table_info(${table})`)).map(({ name }) => name);
  const values = columns.map((name) => set[name] ?? `t.${name}`);
  await run(
    db,
    `WITH RECURSIVE n(k) AS (SELECT 1 UNION ALL SELECT k + 1 FROM n WHERE k < ${count})
     INSERT INTO ${table} (${columns.join(', ')}) SELECT ${values.join(', ')} FROM ${table} AS t, n WHERE ${where}`,
  );
};

/** Rows of the demo studio: every index begins with the studio. */
const OWN = `t.studioId = 'lamp-works-skarrow'`;

/** Sessions of somebody, copied from one of another's, spread over days before it. */
const giveSessions = async (
  db: sqlite3.Database,
  from: { sessionId: string; sheetId: string },
  to: { personId: string; key: string; count: number; days: number },
): Promise<void> => {
  const { personId, key, count, days } = to;
  const back = `'-' || (200 + (k * ${days}) / ${count}) || ' days'`;
  const moved = (column: string): string => `strftime('%Y-%m-%dT%H:%M:%fZ', t.${column}, ${back})`;
  const sheetId = `'${key}-' || k`;
  const person = `'${personId}'`;
  // Before their plan began: of a block somebody trains some weeks, never years.
  const sheet = { id: sheetId, personId: person, state: `'done'`, planDay: 'NULL', createdAt: moved('createdAt') };
  await copyRows(db, 'sheets', `${OWN} AND t.id = '${from.sheetId}'`, count, sheet);
  await copyRows(db, 'sheet_items', `${OWN} AND t.sheetId = '${from.sheetId}'`, count, {
    id: `${sheetId} || '-' || t.slot`,
    sheetId,
  });
  await copyRows(db, 'sessions', `${OWN} AND t.id = '${from.sessionId}'`, count, {
    id: `${sheetId} || '-0'`,
    sheetId,
    personId: person,
    state: `'reviewed'`,
    date: `date(t.date, ${back})`,
    startedAt: moved('startedAt'),
    finishedAt: moved('finishedAt'),
  });
  await copyRows(db, 'set_revisions', `${OWN} AND t.sessionId = '${from.sessionId}'`, count, {
    id: `${sheetId} || t.id`,
    sessionId: `${sheetId} || '-0'`,
    itemId: `${sheetId} || '-' || (SELECT slot FROM sheet_items AS i WHERE i.studioId = t.studioId AND i.id = t.itemId)`,
    loggedAt: moved('loggedAt'),
    receivedAt: moved('receivedAt'),
  });
};

/** The demo's database with one person of five years, beside so many others with some months each. */
export const fill = async (file: string, others: number): Promise<void> => {
  const db = new sqlite3.Database(file);
  await run(db, 'BEGIN');
  const [from] = await rows<{ sessionId: string; sheetId: string; sets: number }>(
    db,
    `SELECT s.id AS sessionId, s.sheetId, COUNT(*) AS sets FROM sessions AS s JOIN set_revisions AS r ON r.sessionId = s.id
     WHERE s.personId = 'odran-person' AND s.state = 'reviewed' GROUP BY s.id ORDER BY s.startedAt DESC LIMIT 1`,
  );
  if (!from) throw new Error('the demo has no session of this person');
  const days = (YEARS - 1) * 365;
  await giveSessions(db, from, { personId: 'odran-person', key: 'long', count: Math.ceil(SETS / from.sets), days });
  await copyRows(db, 'people', `t.id = 'odran-person'`, others, { id: `'other-person-' || k`, name: `'Other ' || k` });
  const next = `personId = 'odran-person' AND state = 'next'`;
  await copyRows(db, 'sheets', `t.${next.replace(' AND ', ' AND t.')}`, others, {
    id: `'other-next-' || k`,
    personId: `'other-person-' || k`,
  });
  await copyRows(db, 'sheet_items', `t.sheetId = (SELECT id FROM sheets WHERE ${next})`, others, {
    id: `'other-next-' || k || '-' || t.slot`,
    sheetId: `'other-next-' || k`,
  });
  for (let at = 1; at <= others; at += 1) {
    await giveSessions(db, from, { personId: `other-person-${at}`, key: `o${at}`, count: SESSIONS_EACH, days: 180 });
  }
  await run(db, 'COMMIT');
  await new Promise((resolve) => db.close(resolve));
};

const timed = async (caller: Caller, path: string): Promise<number[]> => {
  const times: number[] = [];
  for (let read = 0; read < READS + 3; read += 1) {
    const began = performance.now();
    await caller.get(path);
    if (read >= 3) times.push(performance.now() - began);
  }
  return times;
};

const PATHS = {
  'a person’s page': '/api/people/odran-person',
  'trends, half a year': '/api/people/odran-person/trends',
  'trends, five years': '/api/people/odran-person/trends?weeks=260',
  'a movement, half a year': '/api/people/odran-person/trends/goblet-squat',
  'a movement, five years': '/api/people/odran-person/trends/goblet-squat?weeks=260',
  'the floor': '/api/floor',
  search: '/api/search?words=rope',
} as const;

const measure = async (others: number): Promise<Map<string, { p50: number; p95: number }>> => {
  const server = await startServer('demo');
  await server.stop();
  await fill(server.databaseFile, others);
  await server.start();
  try {
    const caller = await demoCaller(server.url);
    const found = new Map<string, { p50: number; p95: number }>();
    for (const [name, path] of Object.entries(PATHS)) found.set(name, percentiles(await timed(caller, path)));
    return found;
  } finally {
    await server.remove();
  }
};

/** What somebody with five years of logs costs at the API, in a small studio and in a large one. */
export const benchHistory = async (): Promise<string[]> => {
  const small = await measure(1);
  const large = await measure(PEOPLE);
  return [
    `A person with ${YEARS} years and ${SETS.toLocaleString('en')} sets, in a studio of ${PEOPLE} people (aim p95 ≤ ${AIM_MS} ms, ≤ ${AIM_RATIO}× a small one)`,
    ...[...large].map(([name, { p50, p95 }]) => {
      const before = small.get(name)?.p50 ?? NaN;
      return `  ${name}: p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms, ${(p50 / before).toFixed(2)}× the small studio’s p50`;
    }),
  ];
};
