import type { ItemId } from '../vocabulary';
import type { Variation } from '../catalogue';
import type { Dose } from '../dose';
import type { ExerciseLog } from '../progression';
import type { CheckIn, CheckResult } from './types';

/** One exercise a check-in may change. `log`: what easing it one step needs. */
export interface Checked {
  itemId: ItemId;
  variation: Variation;
  dose: Dose;
  /** Sets not done yet. */
  setsLeft: number;
  log: ExerciseLog;
}

/** One rule of a check-in: reads some answers, and says what stops the session or changes an exercise. */
export interface CheckRule {
  id: string;
  check(checkIn: CheckIn, items: readonly Checked[]): CheckResult;
}

export const NOTHING: CheckResult = { stops: [], proposals: [] };
