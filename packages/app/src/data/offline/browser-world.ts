import type { WriteId } from '@drubo/contracts';
import { callEndpoint, RefusedError } from '../api';
import { serverKeeping } from '../server-keeping';
import { openCommandStore } from './store';
import type { QueueWorld } from './queue';

/**
 * The queue's world in a browser: IndexedDB, fetch, real timers, one tab at a time where the browser has locks.
 * `onSignedOut`: the server no longer knows who sends; the write waits.
 */
export const browserWorld = async (onSignedOut: () => void): Promise<QueueWorld> => ({
  store: await openCommandStore(),
  send: async ({ endpointId, params, body, id, deviceId, deviceSeq }) => {
    const withCommand = { command: { id, deviceId, deviceSeq }, ...body };
    try {
      // Which endpoint it is says what goes with it; here all are alike.
      return await callEndpoint<WriteId>(endpointId, { params: params as never, body: withCommand as never });
    } catch (error) {
      if (error instanceof RefusedError && error.status === 401) onSignedOut();
      throw error;
    }
  },
  keeping: serverKeeping,
  now: Date.now,
  later: (work, ms) => {
    const timer = setTimeout(work, ms);
    return () => clearTimeout(timer);
  },
  // Without locks (plain http on a LAN address) two tabs may send the same command; the server answers it once.
  alone: (work) => ('locks' in navigator ? navigator.locks.request('drubo-send', work) : work()),
});
