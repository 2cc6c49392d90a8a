import { values } from './define';
import type { ValuesOf } from './define';
/** A load and reps picked from the strength estimate. */
interface ChosenLoad {
  fromKg: number;
  loadKg: number;
  reps: number;
  reserve: number;
  predictedReps: number;
}

/** What the strength estimate says of a load. */
export const STRENGTH_REASONS = {
  'strength-estimate': values<{
    loadKg: number;
    predictedReps: number;
    sdReps: number;
    oneRepMaxKg: number;
    sdPercent: number;
    bodyLoadKg: number;
  }>(),
  'reports-set-aside': values<{ reserve: number; reports: number }>(),
  'load-first': values<ChosenLoad>(),
  'load-kept': values<ChosenLoad>(),
  'load-kept-beyond': values<ChosenLoad>(),
  'load-up': values<ChosenLoad>(),
  'load-down': values<ChosenLoad>(),
  'load-searched-same': values<ChosenLoad>(),
  'load-probe': values<ChosenLoad>(),
  'load-open-ended': values<ChosenLoad>(),
};

export type StrengthReasons = ValuesOf<typeof STRENGTH_REASONS>;
