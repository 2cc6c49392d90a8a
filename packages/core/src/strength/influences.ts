import { arrive, start, takeDay } from './estimator/replay';
import { trustedReports } from './estimator/trusted-reports';
import { X } from './estimator/types';
import { tellingKg } from './history';
import type { DoneSet, Lifter, PastSession } from './history';

/** What one set did to the estimate. Loads are external kg. */
export interface Influence {
  day: number;
  set: DoneSet;
  /** Whether what was said of it was set aside as a habit; `set` has what was said. */
  isSetAside: boolean;
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
  let at = start(lifter, history);
  const externalKg = (mean: readonly number[]): number => Math.exp(mean[X] ?? 0) - tellingKg(lifter);
  const said = new Map<DoneSet, DoneSet>();
  const trusted = trustedReports(history, lifter);
  trusted.forEach(({ sets }, at) => sets.forEach((set, place) => said.set(set, history[at]?.sets[place] ?? set)));
  for (const { day, sets } of trusted) {
    const arrived = arrive(at, day, lifter);
    const { belief } = takeDay(arrived.belief, sets, lifter, (read, before, after) => {
      const set = said.get(read) ?? read;
      const isSetAside = set.reserve !== read.reserve;
      found.push({ day, set, isSetAside, beforeKg: externalKg(before.mean), afterKg: externalKg(after.mean) });
    });
    at = { ...arrived, belief, sessions: arrived.sessions + 1 };
  }
  return found;
};
