import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import type { AddressInfo } from 'node:net';
import sqlite3 from 'sqlite3';
import { demoCaller, startSession } from '../../e2e/pages/api';
import { startServer } from '../../e2e/server';
import { percentiles } from './percentiles';

const SETS = 300;
const WARM_UP = 40;

/** One set through the whole API: sign-in, checks, command, transaction, reply. */
const throughTheApi = async (): Promise<number[]> => {
  const server = await startServer('demo');
  try {
    const caller = await demoCaller(server.url);
    const session = await startSession(caller);
    const times: number[] = [];
    for (let seq = 1; seq <= SETS + WARM_UP; seq += 1) {
      const { path, body } = session.set(seq);
      const began = performance.now();
      const { status } = await caller.put(path, body);
      if (status !== 200) throw new Error(`${path} answered ${status}`);
      if (seq > WARM_UP) times.push(performance.now() - began);
    }
    return times;
  } finally {
    await server.remove();
  }
};

/** A bare handler doing one insert of the same body with the same durability. */
const bare = async (): Promise<number[]> => {
  const dir = mkdtempSync(join(tmpdir(), 'drubo-bench-'));
  const db = new sqlite3.Database(join(dir, 'bare.sqlite'));
  await new Promise<void>((resolve, reject) =>
    db.exec(
      'PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; CREATE TABLE sets (id TEXT PRIMARY KEY, body TEXT NOT NULL)',
      (error) => (error ? reject(error) : resolve()),
    ),
  );
  const app = express();
  app.use(express.json());
  app.put('/sets/:id', (request, response, next) => {
    db.run('INSERT INTO sets VALUES (?, ?)', [request.params.id, JSON.stringify(request.body)], (error) =>
      error ? next(error) : void response.json(request.body),
    );
  });
  const server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const url = `http://localhost:${(server.address() as AddressInfo).port}`;
  const body = JSON.stringify({ reps: 10, load: 'x'.repeat(700) });
  const times: number[] = [];
  for (let seq = 1; seq <= SETS + WARM_UP; seq += 1) {
    const began = performance.now();
    const reply = await fetch(`${url}/sets/${seq}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
    await reply.json();
    if (seq > WARM_UP) times.push(performance.now() - began);
  }
  await new Promise((resolve) => server.close(resolve));
  await new Promise((resolve) => db.close(resolve));
  rmSync(dir, { recursive: true });
  return times;
};

/** Logging a set against the least a durable server can do, both in this run. */
export const benchLogASet = async (): Promise<string[]> => {
  const [raw, api] = [percentiles(await bare()), percentiles(await throughTheApi())];
  const ratio = (at: 'p50' | 'p95') =>
    `${at} ${api[at].toFixed(2)} ms against ${raw[at].toFixed(2)} ms bare: ${(api[at] / raw[at]).toFixed(2)}×`;
  return [`Logging a set (${SETS} each), aim ≤ 2×`, `  ${ratio('p50')}`, `  ${ratio('p95')}`];
};
