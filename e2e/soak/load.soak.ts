import { setTimeout as pace } from 'node:timers/promises';
import { expect, test } from '@playwright/test';
import { demoCaller, setBody, startSession } from '../pages/api';
import type { Caller, SheetItem } from '../pages/api';
import { startServer } from '../server';

const PHONES = Number(process.env['SOAK_PHONES'] ?? 50);
const SECONDS = Number(process.env['SOAK_SECONDS'] ?? 120);
const EVERY_MS = 2_000;
const MANY_SETS = Number(process.env['SOAK_SETS'] ?? 20_000);
/** Sets after which memory has settled and is compared with the end. */
const SETTLED = 4_000;
const AT_ONCE = 8;

const percentile = (times: readonly number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * share)] ?? NaN;

interface Sheet {
  id: string;
  attempt: number;
  items: SheetItem[];
}

/** Somebody new with a running session, and the way to log a set in it. */
const newPerson = async (caller: Caller, number: number) => {
  const personId = `soak-person-${number}`;
  const device = `soak-device-${number}`;
  let seq = 0;
  const command = () => {
    seq += 1;
    return { id: `${device}-${seq}`, deviceId: device, deviceSeq: seq };
  };
  const person = { name: `Person ${number}`, massKg: 70, heightCm: 170, goal: 'build-muscle', trainingAge: 'intermediate' };
  const saved = await caller.put(`/api/people/${personId}`, {
    command: command(),
    version: 0,
    ...person,
    minutes: 45,
    note: '',
    schools: {},
  });
  expect(saved.status).toBe(200);
  const { nextSheet } = await caller.get<{ nextSheet: Sheet }>(`/api/people/${personId}`);
  const path = `/api/sessions/${nextSheet.id}-${nextSheet.attempt}`;
  await caller.put(path, { command: command(), sheetId: nextSheet.id, startedAt: new Date().toISOString() });
  const [item] = nextSheet.items;
  if (!item) throw new Error('a new sheet has no exercise');
  return async (): Promise<number> => {
    const made = command();
    const began = performance.now();
    const { status } = await caller.put(`${path}/sets/${device}-set-${made.deviceSeq}`, {
      ...setBody(item),
      command: made,
      setIndex: made.deviceSeq % 50,
    });
    // One expectation for each of thousands of sets would measure the test runner.
    if (status !== 200) throw new Error(`a set was answered with ${status}`);
    return performance.now() - began;
  };
};

test(`${PHONES} phones log a set every ${EVERY_MS / 1000} s for ${SECONDS} s: no error`, async () => {
  const server = await startServer('demo');
  try {
    const caller = await demoCaller(server.url);
    const phones = [];
    for (let number = 0; number < PHONES; number += 1) phones.push(await newPerson(caller, number));
    const times: number[] = [];
    const end = Date.now() + SECONDS * 1000;
    const phone = async (logSet: () => Promise<number>, number: number): Promise<void> => {
      // The pacing is the load itself: a phone logs, and logs again two seconds later.
      await pace((number * EVERY_MS) / PHONES);
      while (Date.now() < end) {
        const took = await logSet();
        times.push(took);
        await pace(Math.max(0, EVERY_MS - took));
      }
    };
    await Promise.all(phones.map(phone));
    const [p50, p95] = [percentile(times, 0.5), percentile(times, 0.95)];
    console.log(
      `${times.length} sets, p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms, most ${Math.max(...times).toFixed(0)} ms`,
    );
    expect(await server.integrity()).toBe('ok');
  } finally {
    await server.remove();
  }
});

test(`memory stays flat over ${MANY_SETS} sets`, async () => {
  const server = await startServer('demo');
  try {
    const session = await startSession(await demoCaller(server.url));
    const caller = await demoCaller(server.url);
    const atSets: { sets: number; mb: number }[] = [];
    let next = 1;
    const sender = async (): Promise<void> => {
      while (next <= MANY_SETS) {
        const seq = next;
        next += 1;
        const { path, body } = session.set(seq);
        const { status } = await caller.put(path, body);
        if (status !== 200) throw new Error(`set ${seq} was answered with ${status}`);
        if (seq % 2_000 === 0) atSets.push({ sets: seq, mb: server.memoryMb() });
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, sender));
    console.log(atSets.map(({ sets, mb }) => `${sets}: ${mb.toFixed(0)} MB`).join(', '));
    const settled = atSets.filter(({ sets }) => sets >= SETTLED).map(({ mb }) => mb);
    const [first, last] = [settled[0] ?? NaN, settled.at(-1) ?? NaN];
    // Flat: what the later sets add is less than a quarter of what is held, and less than 60 MB.
    expect(last - first).toBeLessThan(Math.max(60, first / 4));
    expect(await server.integrity()).toBe('ok');
  } finally {
    await server.remove();
  }
});
