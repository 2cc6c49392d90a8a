import { QueryCache, QueryClient } from '@tanstack/react-query';
import type { Query } from '@tanstack/react-query';
import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { openDB } from 'idb';
import { RefusedError, UnreachableError } from './api';
import { keyOf } from './keys';

const DAY_MS = 86_400_000;
/** How long what was read stays readable without a network. */
export const KEEP_MS = 14 * DAY_MS;

/** Reads come from the cache first; an unreachable server is asked again, a refusal is final. */
export const makeQueryClient = (): QueryClient => {
  const client: QueryClient = new QueryClient({
    queryCache: new QueryCache({
      // Signed out elsewhere, or for too long: ask who is signed in, and the doors are shown.
      onError: (error) => {
        if (error instanceof RefusedError && error.status === 401) void client.invalidateQueries({ queryKey: keyOf('getAuth') });
      },
    }),
    defaultOptions: {
      queries: {
        staleTime: 10_000,
        gcTime: KEEP_MS,
        // The server on the same machine may answer while the browser believes it is offline.
        networkMode: 'always',
        retry: (failures, error) => error instanceof UnreachableError && failures < 1,
        retryDelay: 800,
      },
      mutations: { networkMode: 'always' },
    },
  });
  return client;
};

/**
 * Whether an answer is kept on this device: whatever was once read, though asking again found nobody. Only a refusal, or
 * an answer that never came, is not.
 */
export const isKeptOnDevice = ({ state }: Pick<Query, 'state'>): boolean =>
  state.data !== undefined && !(state.error instanceof RefusedError);

const STORE = 'cache';
const KEY = 'queries';

/** A write of everything that was read is dear, and a page brings dozens of answers at once: so long apart, the last one last. */
const KEPT_EVERY_MS = 500;

const authIn = ({ clientState }: PersistedClient): string =>
  JSON.stringify(clientState.queries.find(({ queryKey }) => queryKey[0] === keyOf('getAuth')[0])?.state.data);

/** Whether a state must not wait: somebody signed in or out, or something that is kept is to be gone. */
const isUrgent = (kept: PersistedClient | null, now: PersistedClient): boolean => {
  if (kept === null || authIn(kept) !== authIn(now)) return true;
  const still = new Set(now.clientState.queries.map(({ queryHash }) => queryHash));
  return kept.clientState.queries.some(({ queryHash }) => !still.has(queryHash));
};

const whenPageIsLeft = (write: () => void): void => window.addEventListener('pagehide', write);

/**
 * The reading cache on this device's disk, apart from the command queue. What comes may wait its turn, what goes is gone at once.
 * Where it can't be kept, that is said on the console.
 */
export const queryPersister = (whenLeft: (write: () => void) => void = whenPageIsLeft): Persister => {
  const opened = openDB('drubo-reading', 1, { upgrade: (db) => void db.createObjectStore(STORE) });
  let latest: PersistedClient | null = null;
  let kept: PersistedClient | null = null;
  let isWriting = false;
  let timer: ReturnType<typeof setTimeout> | null = null;
  const write = async (): Promise<void> => {
    isWriting = false;
    if (timer !== null) clearTimeout(timer);
    timer = null;
    if (latest === null || latest === kept) return;
    kept = latest;
    try {
      await (await opened).put(STORE, latest, KEY);
    } catch (error) {
      console.warn('What was read is not kept on this device:', error);
    }
  };
  // Whoever closes the page right after reading keeps what they read.
  whenLeft(() => void write());
  return {
    persistClient: (client) => {
      latest = client;
      // All that changes in one go is one write.
      if (isUrgent(kept, client) && !isWriting) {
        isWriting = true;
        queueMicrotask(() => void write());
      } else timer ??= setTimeout(() => void write(), KEPT_EVERY_MS);
    },
    restoreClient: async () => (await (await opened).get(STORE, KEY)) as PersistedClient | undefined,
    removeClient: async () => {
      latest = kept = null;
      await (await opened).delete(STORE, KEY);
    },
  };
};
