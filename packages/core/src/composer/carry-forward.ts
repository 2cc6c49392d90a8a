import type { Dose } from '../dose';

/**
 * The uncapped dose a track takes on after a review. A number the stage had capped goes back to the track's own,
 * unless the trainer or the decision changed it away from what the sheet prescribed.
 */
export const carryForward = (trackDose: Dose, prescribed: Dose, next: Dose): Dose => ({
  ...next,
  sets: next.sets === prescribed.sets ? trackDose.sets : next.sets,
  reserve: next.reserve === prescribed.reserve ? trackDose.reserve : next.reserve,
});
