import { useQueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import type { ReplyOf, WriteId } from '@drubo/contracts';
import { RefusedError } from '../api';
import { applyReply } from '../apply-reply';
import { keyOf } from '../keys';
import { browserWorld } from './browser-world';
import { makeQueue } from './queue';
import type { Queue } from './queue';
import type { RequestOf, StoredCommand, WriteRequest } from './types';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.queueProvider;

const QueueContext = createContext<{ queue: Queue | null; problem: string | null }>({ queue: null, problem: null });
const NONE: readonly StoredCommand[] = [];
/** How long a form waits for the server before it goes on with "waiting to be sent". */
const FORM_WAIT_MS = 4_000;

/** Opens the signed-in trainer's queue and sends whenever there is a chance: now, back online, back in view. */
export const QueueProvider = ({ owner, children }: { owner: string; children: ReactNode }) => {
  const client = useQueryClient();
  const [queue, setQueue] = useState<Queue | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    let opened: Queue | null = null;
    let isGone = false;
    const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('drubo-queue');
    const start = async () => {
      const askWho = () => void client.invalidateQueries({ queryKey: keyOf('getAuth') });
      opened = await makeQueue(owner, await browserWorld(askWho));
      if (isGone) return opened.stop();
      opened.onDone((command) => applyReply(client, command));
      opened.onDone(() => channel?.postMessage('changed'));
      if (channel) channel.onmessage = () => void opened?.refresh();
      setQueue(opened);
      await opened.flush();
    };
    const wake = () => void opened?.flush();
    const whenSeen = () => document.visibilityState === 'visible' && wake();
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', whenSeen);
    start().catch((error: unknown) => {
      // Private windows and full disks: better to say so than to log into thin air.
      setProblem(error instanceof Error ? error.message : words.storageFailed);
    });
    return () => {
      isGone = true;
      window.removeEventListener('online', wake);
      document.removeEventListener('visibilitychange', whenSeen);
      channel?.close();
      opened?.stop();
    };
  }, [owner, client]);
  const value = useMemo(() => ({ queue, problem }), [queue, problem]);
  return <QueueContext.Provider value={value}>{children}</QueueContext.Provider>;
};

/** Why nothing can be kept on this device, or null when all is well. */
export const useQueueProblem = (): string | null => useContext(QueueContext).problem;

/** Every command of this trainer on this device, oldest first. */
export const useCommands = (): readonly StoredCommand[] => {
  const { queue } = useContext(QueueContext);
  return useSyncExternalStore(
    useCallback((listener) => queue?.subscribe(listener) ?? (() => undefined), [queue]),
    () => queue?.commands() ?? NONE,
  );
};

/** What the server said why it can't take writes just now, or null. */
export const useWaitsBecause = (): string | null => {
  const { queue } = useContext(QueueContext);
  return useSyncExternalStore(
    useCallback((listener) => queue?.subscribe(listener) ?? (() => undefined), [queue]),
    () => queue?.waitsBecause() ?? null,
  );
};

/** What a form learns of its write. */
export type WriteResult<Id extends WriteId> = { status: 'done'; reply: ReplyOf<Id> } | { status: 'waiting' };

/** Writing. */
export interface Writer {
  /** False until the queue is open; nothing can be logged before. */
  isReady: boolean;
  /** Acknowledges as soon as the write is on this device's disk. */
  log(request: WriteRequest): Promise<void>;
  /** Waits for the server a little. A refusal is thrown for the form to show, and taken off the queue. */
  save<Id extends WriteId>(request: RequestOf<Id>): Promise<WriteResult<Id>>;
  remove(ids: readonly string[]): Promise<void>;
  flush(): Promise<void>;
}

export const useWriter = (): Writer => {
  const { queue } = useContext(QueueContext);
  return useMemo(() => {
    const opened = (): Queue => {
      if (!queue) throw new Error(words.storageOnThisDevice);
      return queue;
    };
    return {
      isReady: queue !== null,
      log: async (request) => void (await opened().enqueue(request)),
      save: async (request) => {
        const { id } = await opened().enqueue(request as WriteRequest);
        const outcome = await opened().settled(id, FORM_WAIT_MS);
        if (outcome.status === 'refused') {
          await opened().remove([id]);
          throw new RefusedError(400, outcome.error);
        }
        return outcome as never;
      },
      remove: (ids) => opened().remove(ids),
      flush: () => opened().flush(),
    };
  }, [queue]);
};
