import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryCache, QueryClient } from '@tanstack/react-query';
import type { Query } from '@tanstack/react-query';
import type { Persister } from '@tanstack/react-query-persist-client';
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
const KEY = 'read';
/** Where earlier releases kept the same. */
const EARLIER_KEY = 'queries';

/** A write of everything that was read is dear, and a page brings dozens of answers at once: so long apart, the last one last. */
const KEPT_EVERY_MS = 500;

/** The reading cache on this device's disk, apart from the command queue. Where it can't be kept, that is said on the console. */
export const queryPersister = (): Persister => {
  const opened = openDB('drubo-reading', 1, { upgrade: (db) => void db.createObjectStore(STORE) }).then(async (db) => {
    await db.delete(STORE, EARLIER_KEY);
    return db;
  });
  return createAsyncStoragePersister({
    key: KEY,
    throttleTime: KEPT_EVERY_MS,
    retry: ({ error }) => void console.warn('What was read is not kept on this device:', error),
    storage: {
      getItem: async (key) => (await (await opened).get(STORE, key)) as string | undefined,
      setItem: async (key, text) => (await opened).put(STORE, text, key),
      removeItem: async (key) => (await opened).delete(STORE, key),
    },
  });
};
