import type { FaultId } from '../faults';
import type { LeverId, LeverValue } from '../levers';
import type { Side } from '../set-record';

/** What to do after a set, and why. */
export interface CoachReasons {
  'advice-as-planned': Record<string, never>;
  'advice-next': { loadKg: number; reps: number; reserve: number; fromKg: number };
  'advice-cue': { faultId: FaultId; cue: string };
  'advice-other-cue': { faultId: FaultId; cue: string };
  'advice-measure': { faultId: FaultId; measure: 'lever' | 'load-position' | 'aid' | 'variation'; what: string; way: string };
  'advice-leave-today': { faultId: FaultId; sets: number };
  'advice-easier-variation': { variationId: string };
  'advice-setting': { lever: LeverId; from: LeverValue; to: LeverValue; unit: 'cm' | 'mm' | 'kg' | 's' | 'deg' | null };
  'advice-fewer-sets': { reps: number; repsLow: number; sets: number };
  'advice-own-load': { side: Side; percent: number };
  'advice-dangerous': { faultId: FaultId };
  'advice-lighter': { fromKg: number; toKg: number };
  'advice-grip': { setIndex: number };
  'advice-short-lighter': { reps: number; repsLow: number; toKg: number };
  'advice-short-rest': { reps: number; repsLow: number; restSeconds: number };
  'advice-short-leave': { sets: number; repsLow: number };
  'advice-feeler-not-yet': { reps: number; loadKg: number };
  'advice-match-side': { side: Side; reps: number };
  'advice-weaker-first': { side: Side; percent: number };
  'advice-feeler': { index: number; of: number; loadKg: number; reps: number };
  'advice-feelers-done': { sets: number; oneRepMaxKg: number };
  'time-fits': { minutesLeft: number; minutesNeeded: number };
  'time-pair': { variationId: string; withVariationId: string; minutesSaved: number };
  'time-trim': { variationId: string; sets: number; minutesSaved: number };
  'time-drop': { variationId: string; minutesSaved: number };
}

/** Every code of the group; a missing one does not compile. */
export const COACH_CODES: Record<keyof CoachReasons, true> = {
  'advice-as-planned': true,
  'advice-next': true,
  'advice-cue': true,
  'advice-other-cue': true,
  'advice-measure': true,
  'advice-leave-today': true,
  'advice-easier-variation': true,
  'advice-setting': true,
  'advice-fewer-sets': true,
  'advice-own-load': true,
  'advice-dangerous': true,
  'advice-lighter': true,
  'advice-grip': true,
  'advice-short-lighter': true,
  'advice-short-rest': true,
  'advice-short-leave': true,
  'advice-feeler-not-yet': true,
  'advice-match-side': true,
  'advice-weaker-first': true,
  'advice-feeler': true,
  'advice-feelers-done': true,
  'time-fits': true,
  'time-pair': true,
  'time-trim': true,
  'time-drop': true,
};
