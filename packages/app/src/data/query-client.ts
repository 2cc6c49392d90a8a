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

/** The reading cache on this device's disk, apart from the command queue. */
export const queryPersister = (): Persister => {
  const opened = openDB('drubo-reading', 1, { upgrade: (db) => void db.createObjectStore(STORE) });
  return {
    persistClient: async (client) => void (await (await opened).put(STORE, client, KEY)),
    restoreClient: async () => (await (await opened).get(STORE, KEY)) as PersistedClient | undefined,
    removeClient: async () => void (await (await opened).delete(STORE, KEY)),
  };
};
