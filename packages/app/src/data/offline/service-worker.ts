import type { Workbox } from 'workbox-window';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.serviceWorker;

/** Why there is no offline shell here, or null where there can be one. */
export const offlineShellProblem = (): string | null => {
  if (!globalThis.isSecureContext) return words.offlineUseNeedsHttps;
  return 'serviceWorker' in navigator ? null : words.thisBrowserKeepsNo;
};

/**
 * Registers the worker that keeps the whole shell on this device, and calls back when a newer one waits.
 * Gives the way to switch to it. Only a built app has one.
 */
export const registerShell = async (onNewer: (switchOver: () => void) => void): Promise<void> => {
  if (process.env.NODE_ENV !== 'production' || offlineShellProblem()) return;
  const { Workbox: WorkboxClass } = await import('workbox-window');
  const workbox: Workbox = new WorkboxClass('/sw.js');
  workbox.addEventListener('waiting', () =>
    onNewer(() => {
      workbox.addEventListener('controlling', () => window.location.reload());
      workbox.messageSkipWaiting();
    }),
  );
  await workbox.register();
};
