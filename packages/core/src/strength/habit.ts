import { ESTIMATOR } from './estimator/params';
import type { DoneSet, PastSession } from './history';

/** A probe asks so many reps more, and no more often than this. House defaults. */
export const PROBE = { moreReps: 2, everyDays: 14 } as const;

/** Whether the last set of a session was a probe: asked for two reps more than the set before it, at no lighter load. */
export const wasProbe = (sets: readonly DoneSet[]): boolean => {
  const [before, last] = sets.filter(({ isLeadIn }) => !isLeadIn).slice(-2);
  return (
    before !== undefined &&
    last !== undefined &&
    last.loadKg >= before.loadKg &&
    last.plannedReps >= before.plannedReps + PROBE.moreReps
  );
};

/** The last reports of a history, newest first, as long as they are all the same and below the cap. */
const alike = (history: readonly PastSession[], cap: number): number => {
  const reports = history
    .flatMap(({ sets }) => sets)
    .filter(({ reserve, failed, isLeadIn }) => reserve !== null && !failed && !isLeadIn)
    .map(({ reserve }) => reserve ?? 0);
  const last = reports.at(-1);
  if (last === undefined || last >= cap) return 0;
  const broken = reports.findLastIndex((reserve) => reserve !== last);
  return reports.length - 1 - broken;
};

/**
 * Whether the coming last set should ask two reps more, to see if ten reports alike are a habit: at most once in two
 * weeks. House default, from the prototype.
 */
export const isProbeDue = (history: readonly PastSession[], today: PastSession, cap: number): boolean => {
  if (alike([...history, today], cap) < ESTIMATOR.identicalReports) return false;
  return !history.some(({ day, sets }) => today.day - day < PROBE.everyDays && wasProbe(sets));
};
