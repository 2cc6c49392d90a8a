import { QueryClient } from '@tanstack/react-query';
import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { openDB } from 'idb';
import { UnreachableError } from './api';

const DAY_MS = 86_400_000;
/** How long what was read stays readable without a network. */
export const KEEP_MS = 14 * DAY_MS;

/** Reads come from the cache first; an unreachable server is asked again, a refusal is final. */
export const makeQueryClient = (): QueryClient =>
  new QueryClient({
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
