import type { SetRecord } from './types';

/** What can't be true of a set. Such a set is kept as it was logged, marked, and left out of every judgement. */
export type Doubt = 'reps' | 'seconds' | 'reserve' | 'load' | 'pain';

/** The most anyone logs on purpose. House default. */
export const SET_BOUNDS = { reps: 100, seconds: 3600, reserve: 10, loadKg: 600, pain: 10 } as const;

/**
 * Fields of a logged set that can't be right: 400 reps, a reserve of 99, a load nobody lifts.
 * `mustBeLoaded`: the movement is never done with nothing, so nothing can't have been lifted.
 * @example doubtsOf({ ...set, reps: 400 }) // ['reps']
 */
export const doubtsOf = (
  set: Pick<SetRecord, 'kind' | 'reps' | 'seconds' | 'reserve' | 'externalKg' | 'jointPain'>,
  mustBeLoaded = false,
): Doubt[] => {
  const over = (value: number | null, most: number): boolean => value !== null && (value > most || value < 0);
  return [
    ...(over(set.reps, SET_BOUNDS.reps) ? (['reps'] as const) : []),
    // A timed set is told in seconds; reps alone say nothing of it.
    ...(over(set.seconds, SET_BOUNDS.seconds) || (set.kind === 'timed' && set.seconds === null) ? (['seconds'] as const) : []),
    ...(over(set.reserve, SET_BOUNDS.reserve) ? (['reserve'] as const) : []),
    ...(over(set.externalKg, SET_BOUNDS.loadKg) || (mustBeLoaded && set.kind === 'work' && set.externalKg === 0)
      ? (['load'] as const)
      : []),
    ...(over(set.jointPain, SET_BOUNDS.pain) ? (['pain'] as const) : []),
  ];
};

/** Whether a set is out of every judgement until somebody puts it right. */
export const isDoubtful = (set: Parameters<typeof doubtsOf>[0], mustBeLoaded = false): boolean =>
  doubtsOf(set, mustBeLoaded).length > 0;
