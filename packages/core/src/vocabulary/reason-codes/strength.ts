/** A load and reps picked from the strength estimate. */
interface ChosenLoad {
  fromKg: number;
  loadKg: number;
  reps: number;
  reserve: number;
  predictedReps: number;
}

/** What the strength estimate says of a load. */
export interface StrengthReasons {
  'strength-estimate': {
    loadKg: number;
    predictedReps: number;
    sdReps: number;
    oneRepMaxKg: number;
    sdPercent: number;
    bodyLoadKg: number;
  };
  'reports-set-aside': { reserve: number; reports: number };
  'load-first': ChosenLoad;
  'load-kept': ChosenLoad;
  'load-kept-beyond': ChosenLoad;
  'load-up': ChosenLoad;
  'load-down': ChosenLoad;
  'load-searched-same': ChosenLoad;
  'load-probe': ChosenLoad;
  'load-open-ended': ChosenLoad;
}

/** Every code of the group; a missing one does not compile. */
export const STRENGTH_CODES: Record<keyof StrengthReasons, true> = {
  'strength-estimate': true,
  'reports-set-aside': true,
  'load-first': true,
  'load-kept': true,
  'load-kept-beyond': true,
  'load-up': true,
  'load-down': true,
  'load-searched-same': true,
  'load-probe': true,
  'load-open-ended': true,
};
