import type { SetRecord } from '../log';

/** A feeler stopped under this share of the reps asked for could not be done. House default. */
const FAR_SHARE = 0.5;

/** Whether a feeler set shows that the lift can't be done at its load. Pain, grip and the clock say nothing of that. */
export const isFailedFeeler = ({ kind, reps, plannedReps, endedBy }: SetRecord): boolean =>
  kind === 'feeler' &&
  reps !== null &&
  (endedBy === 'failure' || endedBy === 'form') &&
  (reps === 0 || (plannedReps !== null && reps < FAR_SHARE * plannedReps));
