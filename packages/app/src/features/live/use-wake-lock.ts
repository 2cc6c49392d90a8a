import { useEffect } from 'react';

/** Keeps the screen awake while mounted, where the browser can (not over plain http on a LAN address). */
export const useWakeLock = (): void => {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isGone = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (isGone) await lock.release();
      } catch (error) {
        // Refused when the battery is low: the session goes on, the screen may dim.
        console.info('No wake lock:', error);
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
};
