import { expect, test } from '@playwright/test';
import { demoCaller, startSession } from './pages/api';
import { startServer } from './server';

/** How often the power goes; `npm run soak` asks for many more. */
const ROUNDS = Number(process.env['KILL_ROUNDS'] ?? 10);
const SETS_A_ROUND = 12;
/** Milliseconds after which the server is killed in a round: spread, and the same on every run. */
const killAfter = (round: number): number => 5 + ((round * 37) % 300);

test(`${ROUNDS} times the server is killed while sets are sent: nothing acknowledged is lost, nothing is doubled`, async () => {
  test.setTimeout(60_000 + ROUNDS * 15_000);
  const server = await startServer('demo');
  try {
    const session = await startSession(await demoCaller(server.url));
    const acknowledged = new Set<number>();
    let cutOff = 0;
    for (let round = 0; round < ROUNDS; round += 1) {
      const caller = await demoCaller(server.url);
      const numbers = Array.from({ length: SETS_A_ROUND }, (_, at) => 1 + round * SETS_A_ROUND + at);
      const killed = new Promise<void>((resolve) =>
        setTimeout(() => void server.stop('SIGKILL').then(resolve), killAfter(round)),
      );
      const send = async (seq: number) => {
        const { path, body } = session.set(seq);
        try {
          if ((await caller.put(path, body)).status === 200) acknowledged.add(seq);
        } catch {
          // Cut off: the sender can't know whether it arrived, and will send it again.
          cutOff += 1;
        }
      };
      await Promise.all(numbers.map(send));
      await killed;
      await server.start();
      const stored = new Set((await session.sets()).map((set) => set.id));
      expect([...acknowledged].filter((seq) => !stored.has(`device-set-${seq}`))).toEqual([]);
      // Everything of this round again, as a queue would after a restart; what had arrived is answered as before.
      const again: number[] = [];
      for (const seq of numbers) {
        const { path, body } = session.set(seq);
        again.push((await caller.put(path, body)).status);
      }
      expect(again.filter((status) => status !== 200)).toEqual([]);
    }
    const sets = await session.sets();
    expect(sets).toHaveLength(ROUNDS * SETS_A_ROUND);
    expect(sets.filter((set) => set.revision !== 1)).toEqual([]);
    // In the order the device numbered them, whatever order they arrived in.
    const order = sets.map(({ deviceSeq }) => deviceSeq).sort((a, b) => a - b);
    expect(order).toEqual(Array.from({ length: ROUNDS * SETS_A_ROUND }, (_, at) => at + 1));
    expect(await server.integrity()).toBe('ok');
    expect(cutOff).toBeGreaterThan(0);
    console.log(
      `${ROUNDS} kills, ${sets.length} sets, ${acknowledged.size} acknowledged at once, ${cutOff} cut off and sent again`,
    );
  } finally {
    await server.remove();
  }
});
