import type { Load } from '../kit';
import type { Tempo } from '../vocabulary';

/**
 * What is prescribed for one exercise. Reps are per side for one-sided work.
 * `repsBeyond` widens the top of the range while the next load is too big a jump; 0 otherwise.
 */
export interface Dose {
  sets: number;
  repsLow: number;
  repsHigh: number;
  repsBeyond: number;
  /** Reps to aim at inside the range, where the engine has a view; left out: the top. */
  repsAim?: number | undefined;
  /** Seconds of a timed set or a hold, a side where it is one-sided; then no reps are counted. Left out: counted in reps. */
  seconds?: number | undefined;
  load: Load;
  tempo: Tempo;
  restSeconds: number;
  /** Target reps in reserve at the end of each set. */
  reserve: number;
}

/** The top of the rep range in force, with any reps allowed beyond it. */
export const repsTop = (dose: Pick<Dose, 'repsHigh' | 'repsBeyond'>): number => dose.repsHigh + dose.repsBeyond;

/** Reps a set is planned for: the aim where there is one, else the top of the range. */
export const plannedReps = (dose: Pick<Dose, 'repsHigh' | 'repsBeyond' | 'repsAim'>): number => dose.repsAim ?? repsTop(dose);
