import type { DoneSet } from './history';

/** One report alone may be a slip. House default. */
const LEAST = 2;

const reportsOf = (sets: readonly DoneSet[]): DoneSet[] =>
  sets.filter(({ isLeadIn, reps, reserve }) => !isLeadIn && reps > 0 && reserve !== null);

/**
 * Whether every report of the last work sets was the scale's top or more: there was much left, and nobody can say how much.
 * `newest` first; where hardly anybody reported in the newest session, the one before is read with it. False where there
 * are fewer than two reports.
 */
export const isOpenEnded = (newest: readonly (readonly DoneSet[])[], cap: number): boolean => {
  const reported: DoneSet[] = [];
  for (const sets of newest) if (reported.length < LEAST) reported.push(...reportsOf(sets));
  return reported.length >= LEAST && reported.every(({ reserve, reserveCap = cap }) => (reserve ?? 0) >= reserveCap);
};
