import type { DoneSet } from './history';

/** One report alone may be a slip. House default. */
const LEAST = 2;

/**
 * Whether every report of a session's work sets was the scale's top or more: there was much left, and nobody can say how
 * much. False where hardly anybody reported.
 */
export const isOpenEnded = (sets: readonly DoneSet[], cap: number): boolean => {
  const reported = sets.filter(({ isLeadIn, reps, reserve }) => !isLeadIn && reps > 0 && reserve !== null);
  return reported.length >= LEAST && reported.every(({ reserve, reserveCap = cap }) => (reserve ?? 0) >= reserveCap);
};
