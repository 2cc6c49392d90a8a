import { readFileSync, writeFileSync } from 'node:fs';
import { demoCaller } from '../../e2e/pages/api';
import type { Caller } from '../../e2e/pages/api';
import { startServer } from '../../e2e/server';
import { percentiles } from './percentiles';

const AIM_MS = 150;
const AIM_RATIO = 1.3;
const READS = 30;
const YEARS = 5;
const SESSIONS_A_WEEK = 3;
const SETS = 30_000;
const PEOPLE = 200;
const DAY_MS = 86_400_000;

/* eslint-disable @typescript-eslint/no-explicit-any -- a bundle as it lies in its file */
type Row = Record<string, any>;

/** One session of somebody, copied to another day and another id. */
const copied = (bundle: Row, session: Row, to: { id: string; personId: string; days: number }): Row => {
  const sheet = bundle['sheets'].find((row: Row) => row['id'] === session['sheetId']);
  const moved = (instant: string): string => new Date(Date.parse(instant) + to.days * DAY_MS).toISOString();
  const sheetId = `${to.id}-sheet`;
  const itemId = (id: string): string => `${to.id}-${id.slice(-24)}`;
  const sessionId = `${sheetId}-0`;
  return {
    sheet: {
      ...sheet,
      id: sheetId,
      personId: to.personId,
      state: 'done',
      createdAt: moved(sheet['createdAt']),
      items: sheet['items'].map((item: Row) => ({ ...item, id: itemId(item['id']) })),
    },
    session: {
      ...session,
      id: sessionId,
      sheetId,
      personId: to.personId,
      state: 'reviewed',
      date: moved(session['startedAt']).slice(0, 10),
      startedAt: moved(session['startedAt']),
      finishedAt: moved(session['finishedAt']),
    },
    sets: bundle['sets']
      .filter((set: Row) => set['sessionId'] === session['id'])
      .map((set: Row, at: number) => ({
        ...set,
        id: `${to.id}-set-${at}`,
        sessionId,
        itemId: itemId(set['itemId']),
        loggedAt: moved(set['loggedAt']),
        receivedAt: moved(set['receivedAt']),
      })),
  };
};

/** The demo with one person of five years and 30,000 sets, beside so many others with a year each. */
const bigBundle = (bundle: Row, others: number): Row => {
  const sessions: Row[] = bundle['sessions'].filter((row: Row) => row['personId'] === 'odran-person');
  const pattern = sessions.at(-1) ?? {};
  const setsEach = bundle['sets'].filter((set: Row) => set['sessionId'] === pattern['id']).length;
  const out: Row = {
    ...bundle,
    people: [...bundle['people']],
    sheets: [...bundle['sheets']],
    sessions: [...bundle['sessions']],
    sets: [...bundle['sets']],
  };
  const give = (personId: string, count: number, days: number, key: string): void => {
    for (let at = 0; at < count; at += 1) {
      const made = copied(bundle, pattern, { id: `${key}-${at}`, personId, days: -200 - Math.floor((at * days) / count) });
      out['sheets'].push(made['sheet']);
      out['sessions'].push(made['session']);
      out['sets'].push(...made['sets']);
    }
  };
  give('odran-person', Math.ceil(SETS / setsEach), (YEARS - 1) * 365, 'long');
  for (let at = 0; at < others; at += 1) {
    const id = `other-person-${at}`;
    out['people'].push({ ...bundle['people'][0], id, name: `Other ${at}` });
    const waiting = bundle['sheets'].find((row: Row) => row['personId'] === 'odran-person' && row['state'] === 'next');
    out['sheets'].push({
      ...waiting,
      id: `${id}-next`,
      personId: id,
      items: waiting['items'].map((item: Row) => ({ ...item, id: `${id}-${item['slot']}` })),
    });
    give(id, SESSIONS_A_WEEK * 4, 365, `o${at}`);
  }
  return out;
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
  const server = await startServer('demo', undefined, (file) => {
    writeFileSync(file, JSON.stringify(bigBundle(JSON.parse(readFileSync(file, 'utf8')) as Row, others)));
  });
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
