import 'fake-indexeddb/auto';
import { BrokenError, RefusedError, UnreachableError } from '../api';
import { makeQueue } from './queue';
import type { ServerKeeping } from '../server-keeping';
import type { QueueWorld } from './queue';
import { openCommandStore } from './store';
import type { StoredCommand, WriteRequest } from './types';

let count = 0;

/** A world whose server answers as the test says, and whose clock stands still until it is moved. */
const aWorld = async (send: (command: StoredCommand) => unknown, name = `queue-${(count += 1)}`) => {
  const timers = new Set<() => void>();
  let now = 1_000;
  let keeping: ServerKeeping = { epoch: 'first', answeredAt: '2026-11-23T08:00:00.000Z', coveredUntil: null };
  const sent: string[] = [];
  const world: QueueWorld = {
    store: await openCommandStore(name),
    send: async (command) => {
      sent.push(command.id);
      return send(command);
    },
    keeping: () => keeping,
    now: () => now,
    later: (work) => {
      timers.add(work);
      return () => timers.delete(work);
    },
    alone: (work) => work(),
  };
  const fireTimers = () => {
    const due = [...timers];
    timers.clear();
    due.forEach((work) => work());
  };
  const say = (over: Partial<ServerKeeping>) => (keeping = { ...keeping, ...over });
  return { world, sent, name, fireTimers, say, pass: (ms: number) => (now += ms) };
};

const OWNER = 'studio/trainer';
const write = (aggregate: string, sets = 3): WriteRequest =>
  ({ endpointId: 'saveStudio', params: {}, body: { sets }, aggregate }) as unknown as WriteRequest;
const statesOf = (commands: readonly StoredCommand[]) => commands.map((command) => command.state);
const refusal = (status: number) => new RefusedError(status, { code: 'stale-version', message: 'changed elsewhere' });

describe('the queue', () => {
  it('sends what is queued, in order, and keeps the reply', async () => {
    const { world, sent } = await aWorld(({ deviceSeq }) => ({ seq: deviceSeq }));
    const queue = await makeQueue(OWNER, world);
    const first = await queue.enqueue(write('a'));
    const second = await queue.enqueue(write('a'));
    await queue.flush();
    expect(sent).toEqual([first.id, second.id]);
    expect(second.deviceSeq).toBe(first.deviceSeq + 1);
    expect(await queue.settled(second.id, 10)).toEqual({ status: 'done', reply: { seq: second.deviceSeq } });
  });

  it('keeps everything while nobody answers, over a reload, and sends it once each afterwards', async () => {
    let isUp = false;
    const answer = () => {
      if (!isUp) throw new UnreachableError();
      return {};
    };
    const { world, name, sent } = await aWorld(answer);
    const before = await makeQueue(OWNER, world);
    await before.enqueue(write('a'));
    await before.enqueue(write('b'));
    await before.flush();
    expect(statesOf(before.commands())).toEqual(['waiting', 'waiting']);
    before.stop();

    isUp = true;
    const reopened = await aWorld(answer, name);
    const after = await makeQueue(OWNER, reopened.world);
    expect(after.commands()).toHaveLength(2);
    await Promise.all([after.flush(), after.flush()]);
    expect(reopened.sent).toEqual([...new Set(reopened.sent)]);
    expect(statesOf(after.commands())).toEqual(['done', 'done']);
    expect(sent.length).toBeGreaterThan(0);
  });

  it('tries again by itself after a while', async () => {
    let isUp = false;
    const { world, fireTimers } = await aWorld(() => {
      if (!isUp) throw new UnreachableError();
      return {};
    });
    const queue = await makeQueue(OWNER, world);
    const { id } = await queue.enqueue(write('a'));
    await queue.flush();
    isUp = true;
    fireTimers();
    expect(await queue.settled(id, 10)).toMatchObject({ status: 'done' });
  });

  it('a refusal needs the trainer and blocks no other line', async () => {
    const { world } = await aWorld(({ aggregate }) => {
      if (aggregate === 'bad') throw refusal(409);
      return {};
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('bad'));
    await queue.enqueue(write('good'));
    await queue.flush();
    expect(statesOf(queue.commands())).toEqual(['needs-you', 'done']);
    expect(queue.commands()[0]?.error?.message).toBe('changed elsewhere');
  });

  it('one line waits for its own first write, other lines go on', async () => {
    const { world, sent } = await aWorld(({ aggregate }) => {
      if (aggregate === 'stuck') throw new UnreachableError();
      return {};
    });
    const queue = await makeQueue(OWNER, world);
    const [first] = [
      await queue.enqueue(write('stuck')),
      await queue.enqueue(write('stuck')),
      await queue.enqueue(write('free')),
    ];
    await queue.flush();
    expect(statesOf(queue.commands())).toEqual(['waiting', 'waiting', 'done']);
    // The second of the stuck line was never tried before the first.
    expect(sent.filter((id) => id !== first!.id)).toHaveLength(1);
  });

  it.each([401, 429])('a refusal that passes by itself (%d) keeps waiting', async (status) => {
    const { world } = await aWorld(() => {
      throw refusal(status);
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    await queue.flush();
    expect(statesOf(queue.commands())).toEqual(['waiting']);
  });

  it('erased for good: nothing of that line stays on the device', async () => {
    const { world } = await aWorld(() => {
      throw refusal(410);
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    await queue.enqueue(write('a'));
    await queue.flush();
    expect(queue.commands()).toEqual([]);
  });

  it('another trainer on this device sees and sends nothing of it', async () => {
    const { world, name } = await aWorld(() => {
      throw new UnreachableError();
    });
    const mine = await makeQueue(OWNER, world);
    await mine.enqueue(write('a'));
    const { world: theirWorld, sent } = await aWorld(() => ({}), name);
    const theirs = await makeQueue('studio/other', theirWorld);
    await theirs.flush();
    expect([theirs.commands(), sent]).toEqual([[], []]);
  });

  it('settled writes are forgotten after three days, waiting ones never', async () => {
    let isUp = true;
    const { world, name, pass } = await aWorld(() => {
      if (!isUp) throw new UnreachableError();
      return {};
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    await queue.flush();
    isUp = false;
    await queue.enqueue(write('a'));
    await queue.flush();
    queue.stop();
    const later = await aWorld(() => ({}), name);
    later.say({ coveredUntil: '2026-11-24T00:00:00.000Z' });
    later.pass(3 * 86_400_000 + 2_000);
    pass(0);
    const reopened = await makeQueue(OWNER, later.world);
    await reopened.refresh();
    expect(statesOf(reopened.commands())).toEqual(['waiting']);
  });

  it('says it is still waiting when the server takes too long', async () => {
    const { world, fireTimers } = await aWorld(() => new Promise(() => undefined));
    const queue = await makeQueue(OWNER, world);
    const { id } = await queue.enqueue(write('a'));
    const outcome = queue.settled(id, 4_000);
    fireTimers();
    expect(await outcome).toEqual({ status: 'waiting' });
  });
});

describe('a server that fails by its own fault', () => {
  const broken = () => new BrokenError({ code: 'internal', message: 'Something went wrong here.' });
  const MINUTE_MS = 60_000;
  const startOf = (sessionId: string): WriteRequest =>
    ({ endpointId: 'startSession', params: { sessionId }, body: {}, aggregate: 'sheet:one' }) as unknown as WriteRequest;
  const setOf = (sessionId: string, setId: string): WriteRequest =>
    ({ endpointId: 'logSet', params: { sessionId, setId }, body: {}, aggregate: 'sheet:one' }) as unknown as WriteRequest;

  /** A queue whose server can't take what the test says, tried a number of times, some minutes apart. */
  const tried = async (
    requests: readonly WriteRequest[],
    fails: (command: StoredCommand) => boolean,
    times: number,
    minutes: number,
  ) => {
    const { world, pass, sent } = await aWorld((command) => {
      if (fails(command)) throw broken();
      return {};
    });
    const queue = await makeQueue(OWNER, world);
    for (const request of requests) await queue.enqueue(request);
    await queue.flush();
    for (let at = 1; at < times; at += 1) {
      pass(minutes * MINUTE_MS);
      await queue.flush();
    }
    return { states: statesOf(queue.commands()), queue, sent };
  };

  const three = [startOf('session-1'), setOf('session-1', 'set-1'), write('sheet:one')];
  const failsToStart = ({ endpointId }: StoredCommand) => endpointId === 'startSession';

  it('holds its line for five tries and ten minutes, both', async () => {
    // Enqueuing flushes too: three tries more than asked for, within the first minute.
    expect((await tried(three, failsToStart, 20, 0)).states).toEqual(['waiting', 'waiting', 'waiting']);
    expect((await tried(three.slice(0, 1), failsToStart, 2, 11)).states).toEqual(['waiting']);
  });

  it('then it needs the trainer, with what hangs on it, and the rest of the line goes on', async () => {
    const { states, queue } = await tried(three, failsToStart, 6, 3);
    expect(states).toEqual(['needs-you', 'needs-you', 'done']);
    const [first, second] = queue.commands();
    expect(first?.error).toMatchObject({ code: 'internal' });
    expect(second?.error?.message).toMatch(/belongs to the one before it/);
  });

  it('a set that can’t be taken holds up no other set', async () => {
    const sets = [startOf('session-1'), setOf('session-1', 'set-1'), setOf('session-1', 'set-2')];
    const { states } = await tried(sets, ({ params }) => 'setId' in params && params.setId === 'set-1', 6, 3);
    expect(states).toEqual(['done', 'needs-you', 'done']);
  });

  it('one that says it can’t just now is waited for, however long, and its reason is told', async () => {
    const { world, pass } = await aWorld(() => {
      throw new UnreachableError({ code: 'no-room', message: 'The disk is full.' });
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    for (let at = 0; at < 20; at += 1) {
      pass(10 * MINUTE_MS);
      await queue.flush();
    }
    expect(statesOf(queue.commands())).toEqual(['waiting']);
    expect(queue.waitsBecause()).toBe('The disk is full.');
  });
});

describe('what was sent', () => {
  const DAY_MS = 86_400_000;

  it('stays here until a copy of the server’s holds it, and for three days at least', async () => {
    const { world, pass, say } = await aWorld(() => ({}));
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    await queue.flush();
    say({ coveredUntil: '2026-11-23T07:59:59.000Z' });
    pass(30 * DAY_MS);
    await queue.flush();
    expect(statesOf(queue.commands())).toEqual(['done']);
    say({ coveredUntil: '2026-11-23T08:00:00.000Z' });
    await queue.flush();
    expect(queue.commands()).toEqual([]);
  });

  it('is sent again, in order and by the same ids, to a server that begins a new life', async () => {
    const { world, sent, say } = await aWorld(() => ({}));
    const queue = await makeQueue(OWNER, world);
    const first = await queue.enqueue(write('a'));
    const second = await queue.enqueue(write('a'));
    await queue.flush();
    sent.length = 0;
    say({ epoch: 'second' });
    await queue.flush();
    expect(sent).toEqual([first.id, second.id]);
    expect(statesOf(queue.commands())).toEqual(['done', 'done']);
    sent.length = 0;
    await queue.flush();
    expect(sent).toEqual([]);
  });

  it('and taken so long ago that the server forgot its answer, is done', async () => {
    const { world } = await aWorld(() => {
      throw new RefusedError(409, { code: 'done-before', message: 'long ago' });
    });
    const queue = await makeQueue(OWNER, world);
    await queue.enqueue(write('a'));
    await queue.flush();
    expect(statesOf(queue.commands())).toEqual(['done']);
  });
});
