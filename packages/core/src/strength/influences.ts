import { arrive, start, takeDay } from './estimator/replay';
import { trustedReports } from './estimator/trusted-reports';
import { X } from './estimator/types';
import { tellingKg } from './history';
import type { DoneSet, Lifter, PastSession } from './history';

/** What one set did to the estimate. Loads are external kg. */
export interface Influence {
  day: number;
  set: DoneSet;
  /** Estimated one-rep maximum before and after it, external kg. */
  beforeKg: number;
  afterKg: number;
}

/**
 * Which sets moved the estimate and by how much, oldest first: the same replay, listened to. A readiness that was only
 * today's passes; what stays is the change in strength itself.
 */
export const influences = (history: readonly PastSession[], lifter: Lifter): Influence[] => {
  const found: Influence[] = [];
  let at = start(lifter);
  const externalKg = (mean: readonly number[]): number => Math.exp(mean[X] ?? 0) - tellingKg(lifter);
  for (const { day, sets } of trustedReports(history, lifter.reserveCap)) {
    const arrived = arrive(at, day, lifter);
    const { belief } = takeDay(arrived.belief, sets, lifter, (set, before, after) =>
      found.push({ day, set, beforeKg: externalKg(before.mean), afterKg: externalKg(after.mean) }),
    );
    at = { ...arrived, belief, sessions: arrived.sessions + 1 };
  }
  return found;
};
