import { nextDown } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import type { Change, ExerciseLog } from './types';

/** Reps taken off the range where no lighter load exists. House default. */
const REPS_OFF = 2;

/** One step easier: the next lighter load, or fewer reps where the kit has none lighter. */
export const easeOneStep = (
  { dose, loads }: Pick<ExerciseLog, 'dose' | 'loads'>,
  from: Load,
): { dose: ExerciseLog['dose']; change: Change | null; reasons: Reason[] } => {
  const lighter = nextDown(loads, from.externalKg);
  if (lighter) {
    return {
      dose: { ...dose, load: lighter, repsBeyond: 0 },
      change: { lever: 'load', from: from.externalKg, to: lighter.externalKg },
      reasons: [],
    };
  }
  const repsHigh = Math.max(1, dose.repsHigh - REPS_OFF);
  const repsLow = Math.max(1, Math.min(dose.repsLow - REPS_OFF, repsHigh));
  return {
    dose: { ...dose, load: from, repsLow, repsHigh, repsBeyond: 0 },
    change: repsHigh === dose.repsHigh ? null : { lever: 'reps', from: dose.repsHigh, to: repsHigh },
    reasons: [reason('no-lighter-load', { loadKg: from.externalKg, repsTo: repsHigh }, 'house-default')],
  };
};
