import { reason } from '../vocabulary';
import { asEased, easeOneStep } from './ease';
import { stay } from './stay';
import type { ExerciseLog, Outcome, WorkDone } from './types';

/** Every set stopped below this share of the range's low end: a notch on a setting is not enough. House default. */
const FAR_SHARE = 0.5;

/** Whether every set stopped so far under the range that the movement itself is too hard. */
export const isFarShort = ({ dose }: Pick<ExerciseLog, 'dose'>, { rows }: Pick<WorkDone, 'rows'>): boolean =>
  rows.length > 0 && rows.every(({ reps, endedBy }) => endedBy !== 'grip' && reps < FAR_SHARE * dose.repsLow);

/** Sets under the range, grip apart: one is looked at again, two or more ease back. Shared by the classic methods. */
export const shortOfRange = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const { dose } = log;
  const short = done.rows.filter((row) => row.reps < dose.repsLow && row.endedBy !== 'grip');
  const [first] = short;
  if (!first) return null;
  const shortSets = new Set(short.map((row) => row.setIndex)).size;
  // Not one rep in all there was: that needs no second look.
  const isNone = done.rows.every(({ reps, endedBy }) => reps === 0 && endedBy !== 'grip');
  if (shortSets === 1 && !isNone) {
    const { setIndex, reps, side } = first;
    return stay(log, done, [reason('short-once', { setIndex, reps, repsLow: dose.repsLow, side }, 'house-default')]);
  }
  const worstReps = Math.min(...short.map((row) => row.reps));
  const values = { shortSets, worstReps, repsLow: dose.repsLow, loadKg: done.load.externalKg };
  const eased = easeOneStep(log, done.load, isFarShort(log, done));
  return asEased(eased, [reason('short-of-range', values, 'common-practice')]);
};

/** What keeps a full range from counting: sets missing, a lighter load, less reserve than asked. Shared. */
export const notWhole = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const { dose } = log;
  const grip = done.rows.find((row) => row.endedBy === 'grip');
  if (grip) return stay(log, done, [reason('grip-ended', { setIndex: grip.setIndex }, 'common-practice')]);
  if (done.completeSets < dose.sets) {
    return stay(log, done, [reason('sets-missing', { done: done.completeSets, planned: dose.sets }, 'common-practice')]);
  }
  const lighter = done.rows.find((row) => row.externalKg < done.load.externalKg - 0.001);
  if (lighter) {
    const values = { setIndex: lighter.setIndex, loadKg: lighter.externalKg, plannedKg: done.load.externalKg };
    return stay(log, done, [reason('other-load-than-planned', values, 'common-practice')]);
  }
  const tight = done.rows.find((row) => row.reserve !== null && row.reserve < dose.reserve);
  if (!tight) return null;
  const values = { setIndex: tight.setIndex, reserve: tight.reserve ?? 0, target: dose.reserve };
  return stay(log, done, [reason('under-reserve', values, 'common-practice')]);
};
