import type { ServerKeeping } from '../server-keeping';
import type { StoredCommand } from './types';

/** Settled writes stay readable this long, so that a reload without a network still shows what was logged. */
const KEEP_DONE_MS = 3 * 86_400_000;

/**
 * Whether a write that was taken can leave this device: it was kept for a while, and the server has a copy that holds it.
 * One of a release that did not write down when it was answered leaves after the while alone.
 */
export const isForgettable = (
  { state, settledAt, answeredAt }: StoredCommand,
  now: number,
  { coveredUntil }: ServerKeeping,
): boolean => {
  if (state !== 'done' || (settledAt ?? 0) >= now - KEEP_DONE_MS) return false;
  return answeredAt === undefined || (coveredUntil !== null && answeredAt <= coveredUntil);
};

/** Whether a write was taken by a life of the server that is over: what it did may be gone with that, and it is sent again. */
export const isOfAnotherLife = (command: StoredCommand, { epoch }: ServerKeeping): boolean =>
  command.state === 'done' && command.epoch !== undefined && epoch !== null && command.epoch !== epoch;
