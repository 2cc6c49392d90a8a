import type { ErrorReply } from '@drubo/contracts';
import { dataWords } from '@drubo/words/screens/data';
import { BrokenError, RefusedError, UnreachableError } from '../api';
import { dependsOn, isGivenUp, oneMoreFailure } from './giving-up';
import type { ServerKeeping } from '../server-keeping';
import { isForgettable, isOfAnotherLife } from './kept-until-safe';
import type { CommandStore } from './store';
import type { Settled, StoredCommand, WriteRequest } from './types';

/** How the queue reaches the world; tests put their own in. */
export interface QueueWorld {
  store: CommandStore;
  /**
   * Sends one command; throws `RefusedError` when the server says no, `BrokenError` when it fails by its own fault, anything
   * else when nobody answers.
   */
  send(command: StoredCommand): Promise<unknown>;
  /** What the server last said of how it keeps what it receives. */
  keeping(): ServerKeeping;
  now(): number;
  /** Calls back later; gives a way to call it off. */
  later(work: () => void, ms: number): () => void;
  /** Runs work in one tab at a time. */
  alone(work: () => Promise<void>): Promise<void>;
}

/** What becomes of one write. */
export type Outcome = { status: 'done'; reply: unknown } | { status: 'refused'; error: ErrorReply } | { status: 'waiting' };

/** Retry after this long, doubling up to the most. */
const RETRY_MS = { first: 1_000, most: 20_000 } as const;
/** Refusals that pass by themselves. */
const TRY_AGAIN = new Set([401, 408, 425, 429]);

export interface Queue {
  enqueue(request: WriteRequest): Promise<StoredCommand>;
  /** The outcome of a command, or `waiting` once so many milliseconds have gone by. */
  settled(id: string, withinMs: number): Promise<Outcome>;
  flush(): Promise<void>;
  commands(): readonly StoredCommand[];
  /** What the server said why it can't take writes just now; null where it didn't say. */
  waitsBecause(): string | null;
  remove(ids: readonly string[]): Promise<void>;
  subscribe(listener: () => void): () => void;
  onDone(listener: (command: StoredCommand) => void): () => void;
  /** Reads the store again, after another tab wrote to it. */
  refresh(): Promise<void>;
  stop(): void;
}

/** Which life of the server took a write, and when. */
const takenBy = ({ answeredAt, epoch }: ServerKeeping): Pick<Settled, 'answeredAt' | 'epoch'> =>
  answeredAt === null || epoch === null ? {} : { answeredAt, epoch };

/** The durable queue of one signed-in trainer on this device. */
export const makeQueue = async (owner: string, world: QueueWorld): Promise<Queue> => {
  const { store } = world;
  let commands: readonly StoredCommand[] = [];
  const listeners = new Set<() => void>();
  const doneListeners = new Set<(command: StoredCommand) => void>();
  let cancelRetry: (() => void) | null = null;
  let retryMs: number = RETRY_MS.first;
  let running: Promise<void> | null = null;
  let isStopped = false;
  let waitsBecause: string | null = null;

  const refresh = async () => {
    commands = await store.all(owner);
    listeners.forEach((listener) => listener());
  };

  const settle = async (command: StoredCommand, change: Settled) => {
    const settledAt = world.now();
    await store.update(command.id, { ...change, settledAt });
    // The answer is put where screens read it before the command stops being laid over it: no old state shines through.
    if (change.state === 'done')
      doneListeners.forEach((listener) => listener({ ...command, ...change, settledAt } as StoredCommand));
    await refresh();
  };

  /** Counts a failure of the server's. True once the write was given to the trainer, with what hangs on it. */
  const failedOver = async (command: StoredCommand, error: BrokenError): Promise<boolean> => {
    const failures = oneMoreFailure(command, world.now());
    if (!isGivenUp(failures, world.now())) {
      await store.update(command.id, { failures });
      await refresh();
      return false;
    }
    await settle(command, { state: 'needs-you', error: error.reply, failures });
    const hanging = commands.filter((other) => other.state === 'waiting' && dependsOn(other, command));
    const why = { code: error.reply.code, message: dataWords.queue.hangsOnAnother };
    for (const other of hanging) await settle(other, { state: 'needs-you', error: why });
    return true;
  };

  const isStillWaiting = ({ id }: StoredCommand): boolean =>
    commands.some((other) => other.id === id && other.state === 'waiting');

  /** Sends one aggregate's commands in order. False when nobody answered and the rest must wait. */
  const sendAll = async (line: readonly StoredCommand[]): Promise<boolean> => {
    for (const command of line) {
      if (isStopped) return false;
      // One before it may have taken it along.
      if (!isStillWaiting(command)) continue;
      try {
        const reply = await world.send(command);
        await settle(command, { state: 'done', reply, ...takenBy(world.keeping()) });
        waitsBecause = null;
      } catch (error) {
        // It was taken so long ago that the answer is no longer kept.
        if (error instanceof RefusedError && error.reply.code === 'done-before') {
          await store.update(command.id, { state: 'done', settledAt: world.now(), ...takenBy(world.keeping()) });
          await refresh();
          continue;
        }
        if (error instanceof UnreachableError) waitsBecause = error.reply?.message ?? null;
        if (error instanceof BrokenError) {
          if (await failedOver(command, error)) continue;
          return false;
        }
        if (!(error instanceof RefusedError) || TRY_AGAIN.has(error.status)) return false;
        // Erased for good: there is nothing left to decide, and nothing of it may stay on this device.
        if (error.status === 410) {
          await store.remove(commands.filter((other) => other.aggregate === command.aggregate).map(({ id }) => id));
          await refresh();
          return true;
        }
        await settle(command, { state: 'needs-you', error: error.reply });
      }
    }
    return true;
  };

  /** What a life of the server took that is over is sent again, in the order it was made. */
  const meetNewLife = async () => {
    const lost = commands.filter((command) => isOfAnotherLife(command, world.keeping()));
    for (const { id } of lost) await store.update(id, { state: 'waiting', settledAt: null });
    if (lost.length > 0) await refresh();
  };

  const forgetOld = async () => {
    const old = commands.filter((command) => isForgettable(command, world.now(), world.keeping()));
    if (old.length === 0) return;
    await store.remove(old.map(({ id }) => id));
    await refresh();
  };

  const flushOnce = async () => {
    await refresh();
    await meetNewLife();
    const lines = new Map<string, StoredCommand[]>();
    for (const command of commands.filter((candidate) => candidate.state === 'waiting')) {
      lines.set(command.aggregate, [...(lines.get(command.aggregate) ?? []), command]);
    }
    const answered = await Promise.all([...lines.values()].map(sendAll));
    // The first answer may be the first word of a new life.
    const isNewLife = commands.some((command) => isOfAnotherLife(command, world.keeping()));
    if (answered.every(Boolean) && !isNewLife) {
      retryMs = RETRY_MS.first;
      await forgetOld();
    } else if (!isStopped) {
      cancelRetry?.();
      cancelRetry = world.later(() => void flush(), retryMs);
      retryMs = Math.min(retryMs * 2, RETRY_MS.most);
    }
  };

  const flush = (): Promise<void> => {
    cancelRetry?.();
    cancelRetry = null;
    // Commands queued while a flush runs are picked up by one more round right after it.
    running = (running ?? Promise.resolve()).then(() => world.alone(flushOnce));
    return running;
  };

  await refresh();
  await forgetOld();

  return {
    enqueue: async (request) => {
      const command = await store.add(owner, request, world.now());
      await refresh();
      retryMs = RETRY_MS.first;
      void flush();
      return command;
    },
    settled: (id, withinMs) =>
      new Promise((resolve) => {
        const look = (): boolean => {
          const command = commands.find((candidate) => candidate.id === id);
          if (command?.state === 'done') resolve({ status: 'done', reply: command.reply });
          else if (command?.state === 'needs-you' && command.error) resolve({ status: 'refused', error: command.error });
          else return false;
          return true;
        };
        if (look()) return;
        const stop = () => {
          listeners.delete(check);
          cancel();
        };
        const check = () => {
          if (look()) stop();
        };
        const cancel = world.later(() => {
          stop();
          resolve({ status: 'waiting' });
        }, withinMs);
        listeners.add(check);
      }),
    flush,
    commands: () => commands,
    waitsBecause: () => waitsBecause,
    remove: async (ids) => {
      await store.remove(ids);
      await refresh();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    onDone: (listener) => {
      doneListeners.add(listener);
      return () => void doneListeners.delete(listener);
    },
    refresh,
    stop: () => {
      isStopped = true;
      cancelRetry?.();
    },
  };
};
