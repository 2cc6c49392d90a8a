import { demoCaller, startSession } from '../../e2e/pages/api';
import type { Caller } from '../../e2e/pages/api';
import { startServer } from '../../e2e/server';
import type { OwnServer } from '../../e2e/server';
import { fill, SESSIONS_EACH } from './history';
import { percentiles } from './percentiles';

/** Aims of the checks below. */
const AIM = { exportRatio: 2.3, eraseMs: 1_000, eraseMb: 100, hostileRatio: 3 } as const;
const SESSIONS = 7_000;
const RUNS = 3;
const HOSTILE = 200;
const SETS = 60;

const msOf = async (work: () => Promise<unknown>): Promise<number> => {
  const began = performance.now();
  await work();
  return performance.now() - began;
};

/** The demo's server with so many sessions more, and a caller. */
const studioWith = async (sessions: number): Promise<{ server: OwnServer; caller: Caller }> => {
  const server = await startServer('demo');
  await server.stop();
  await fill(server.databaseFile, Math.ceil(sessions / SESSIONS_EACH));
  await server.start();
  return { server, caller: await demoCaller(server.url) };
};

const medianExport = async (caller: Caller): Promise<number> => {
  const times: number[] = [];
  for (let run = 0; run < RUNS; run += 1) times.push(await msOf(() => caller.download('/api/studio/export')));
  return percentiles(times).p50;
};

/** Times of sets logged one after the other while something goes on; a first few are left out. */
const setsWhile = async (session: Awaited<ReturnType<typeof startSession>>, caller: Caller, from: number): Promise<number[]> => {
  const times: number[] = [];
  for (let seq = from; seq < from + SETS; seq += 1) {
    const { path, body } = session.set(seq);
    times.push(await msOf(() => caller.put(path, body)));
  }
  return times;
};

/** What keeping data costs: an export by its size, erasing five years, and sets while the door is stormed. */
export const benchKeeping = async (): Promise<string[]> => {
  const lines: string[] = [];
  const small = await studioWith(SESSIONS);
  const smallMs = await medianExport(small.caller);
  await small.server.remove();
  const large = await studioWith(2 * SESSIONS);
  const { server, caller } = large;
  try {
    // Quiet: before anything else was asked of it.
    const session = await startSession(caller);
    await setsWhile(session, caller, 1);
    const quiet = percentiles(await setsWhile(session, caller, 101)).p50;
    const largeMs = await medianExport(caller);
    lines.push(
      `An export of ${2 * SESSIONS} sessions: ${largeMs.toFixed(0)} ms, ${(largeMs / smallMs).toFixed(2)}× that of ${SESSIONS} (aim ≤ ${AIM.exportRatio}×); the server holds ${server.memoryMb().toFixed(0)} MB`,
    );
    const before = server.memoryMb();
    let slowest = 0;
    const command = { id: 'erase-command-1', deviceId: 'device-bench', deviceSeq: 1 };
    const erasing = msOf(async () => {
      const { status } = await caller.post('/api/people/odran-person/erase', { command });
      if (status !== 200) throw new Error(`erasing answered ${status}`);
    });
    const meanwhile = setsWhile(session, caller, 201).then((times) => (slowest = Math.max(...times)));
    const eraseMs = await erasing;
    await meanwhile;
    lines.push(
      `Erasing somebody with five years: ${eraseMs.toFixed(0)} ms (aim ≤ ${AIM.eraseMs}), ${(server.memoryMb() - before).toFixed(0)} MB more (aim ≤ ${AIM.eraseMb}), slowest set meanwhile ${slowest.toFixed(0)} ms`,
    );
    const storm = Promise.all(
      Array.from({ length: HOSTILE }, (_, at) =>
        fetch(`${server.url}/api/auth/sign-in`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ loginName: `nobody-${at}`, password: 'guessing away' }),
        }),
      ),
    );
    const stormed = percentiles(await setsWhile(session, caller, 301));
    const answers = (await storm).map(({ status }) => status);
    const refused = answers.filter((status) => status === 429 || status === 503).length;
    lines.push(
      `A set while ${HOSTILE} sign-ins are tried at once: p50 ${stormed.p50.toFixed(1)} ms, ${(stormed.p50 / quiet).toFixed(2)}× the quiet median (aim ≤ ${AIM.hostileRatio}×), p95 ${stormed.p95.toFixed(1)} ms; ${refused} turned away unhashed`,
    );
  } finally {
    await server.remove();
  }
  return lines;
};
