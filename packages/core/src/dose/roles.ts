import { isDrillRole } from '../vocabulary';
import type { Goal, Role, TrainingAge } from '../vocabulary';
import { GOAL_DOSES } from './goal-table';
import type { Dose } from './types';

/** The numbers of a dose a role sets. `seconds` for timed work. */
export type RoleDose = Pick<Dose, 'sets' | 'repsLow' | 'repsHigh' | 'restSeconds' | 'reserve'> & {
  seconds: { low: number; high: number } | null;
};

/** Sets of helpers by training age. Common practice, no source. */
const HELPER_SETS: Record<Exclude<Role, 'main'>, Record<TrainingAge, number>> = {
  prep: { novice: 1, intermediate: 1, advanced: 1 },
  'cool-down': { novice: 1, intermediate: 1, advanced: 1 },
  accessory: { novice: 2, intermediate: 3, advanced: 3 },
  finisher: { novice: 1, intermediate: 2, advanced: 3 },
};
const PREP = { repsLow: 8, repsHigh: 12, restSeconds: 15, reserve: 5 } as const;
const ACCESSORY = { moreReps: 2, rest: { least: 45, most: 90 } } as const;
const FINISHER = { seconds: { low: 30, high: 45 }, restSeconds: 45, reserve: 2 } as const;

/**
 * Sets, reps or seconds, rest and reserve by goal, role and training age. Main work is the goal's table; prep is light
 * with little rest; accessories go a little higher in reps and shorter in rest; finishers are timed. Common practice.
 */
export const roleDose = (goal: Goal, role: Role, trainingAge: TrainingAge): RoleDose => {
  const table = GOAL_DOSES[goal];
  const main = { repsLow: table.reps.low, repsHigh: table.reps.high, restSeconds: table.restSeconds, reserve: table.reserve };
  if (role === 'main') return { sets: table.sets[trainingAge], ...main, seconds: null };
  const sets = HELPER_SETS[role][trainingAge];
  if (isDrillRole(role)) return { sets, ...PREP, seconds: null };
  if (role === 'finisher') {
    return {
      sets,
      repsLow: 10,
      repsHigh: 15,
      restSeconds: FINISHER.restSeconds,
      reserve: FINISHER.reserve,
      seconds: FINISHER.seconds,
    };
  }
  const { moreReps, rest } = ACCESSORY;
  return {
    sets,
    repsLow: Math.max(8, main.repsLow + moreReps),
    repsHigh: Math.max(12, main.repsHigh + moreReps),
    restSeconds: Math.min(rest.most, Math.max(rest.least, table.restSeconds)),
    reserve: main.reserve,
    seconds: null,
  };
};
