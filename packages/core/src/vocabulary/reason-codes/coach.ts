import type { CueKind, FaultId } from '../faults';
import type { LeverId, LeverValue } from '../levers';
import type { Side } from '../set-record';
import { noValues, values } from './define';
import type { ValuesOf } from './define';

/** What to do after a set, and why. */
export const COACH_REASONS = {
  'advice-as-planned': noValues,
  'advice-next': values<{ loadKg: number; reps: number; reserve: number; fromKg: number }>(),
  'advice-cue': values<{ faultId: FaultId; cue: string; kind: CueKind }>(),
  'advice-other-cue': values<{ faultId: FaultId; cue: string; kind: CueKind }>(),
  'advice-measure': values<{
    faultId: FaultId;
    measure: 'lever' | 'load-position' | 'aid' | 'variation';
    what: string;
    way: string;
  }>(),
  'advice-leave-today': values<{ faultId: FaultId; sets: number }>(),
  'advice-easier-variation': values<{ variationId: string }>(),
  'advice-setting': values<{ lever: LeverId; from: LeverValue; to: LeverValue; unit: 'cm' | 'mm' | 'kg' | 's' | 'deg' | null }>(),
  'advice-fewer-sets': values<{ reps: number; repsLow: number; sets: number }>(),
  'advice-own-load': values<{ side: Side; percent: number }>(),
  'advice-dangerous': values<{ faultId: FaultId }>(),
  'advice-lighter': values<{ fromKg: number; toKg: number }>(),
  'advice-grip': values<{ setIndex: number }>(),
  'advice-short-lighter': values<{ reps: number; repsLow: number; toKg: number }>(),
  'advice-short-rest': values<{ reps: number; repsLow: number; restSeconds: number }>(),
  'advice-short-leave': values<{ sets: number; repsLow: number }>(),
  'advice-feeler-not-yet': values<{ reps: number; loadKg: number }>(),
  'advice-match-side': values<{ side: Side; reps: number }>(),
  'advice-weaker-first': values<{ side: Side; percent: number }>(),
  'advice-feeler': values<{ index: number; of: number; loadKg: number; reps: number }>(),
  'advice-feelers-done': values<{ sets: number; oneRepMaxKg: number }>(),
  'time-fits': values<{ minutesLeft: number; minutesNeeded: number }>(),
  'time-pair': values<{ variationId: string; withVariationId: string; minutesSaved: number }>(),
  'time-trim': values<{ variationId: string; sets: number; minutesSaved: number }>(),
  'time-drop': values<{ variationId: string; minutesSaved: number }>(),
};

export type CoachReasons = ValuesOf<typeof COACH_REASONS>;
