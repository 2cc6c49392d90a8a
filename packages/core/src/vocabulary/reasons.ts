import type { FaultId } from './faults';
import type { LimitId } from './limits';
import type { Side } from './set-record';
import type { Goal, TrainingAge } from './training';

/**
 * Everything an engine may give as a reason: code → the values the sentence needs.
 * Codes are never reused or removed, because decisions store them. Wording lives in `explain/`.
 */
export interface ReasonValues {
  'sets-by-goal': { goal: Goal; trainingAge: TrainingAge; sets: number };
  'sets-first-session': { sets: number; usualSets: number };
  'reps-by-goal': { goal: Goal; repsLow: number; repsHigh: number };
  'reps-by-variation': { variationId: string; repsLow: number; repsHigh: number };
  'tempo-by-goal': { goal: Goal; tempo: string; secondsPerRep: number };
  'tempo-by-variation': { variationId: string; tempo: string; secondsPerRep: number };
  'rest-by-goal': { goal: Goal; restSeconds: number };
  'reserve-by-goal': { goal: Goal; reserve: number };
  'reserve-first-session': { reserve: number; usualReserve: number };
  'reserve-first-weeks': { reserve: number; usualReserve: number; dayOfTraining: number };
  'load-first-guess': { share: number; bodyMassKg: number; guessKg: number; loadKg: number };
  'load-mass-unknown': { loadKg: number };
  'load-none-first': { variationId: string };
  'carried-forward': { sessionDate: string };
  'trainer-edited': { sessionDate: string };
  'not-done': Record<string, never>;
  'sets-missing': { done: number; planned: number };
  'pain-stop': { pain: number; limit: number };
  'pain-ease': { pain: number; limit: number };
  'pain-ended': { setIndex: number };
  'fault-dangerous': { faultId: FaultId; setIndex: number };
  'fault-breaks': { faultId: FaultId; setIndex: number };
  'not-clean': { setIndex: number };
  'clean-not-judged': { setIndex: number };
  'grip-ended': { setIndex: number };
  'other-load-than-planned': { setIndex: number; loadKg: number; plannedKg: number };
  'under-reserve': { setIndex: number; reserve: number; target: number };
  'top-of-range': { sets: number; reps: number };
  'within-range': { lowestReps: number; repsHigh: number };
  'short-once': { setIndex: number; reps: number; repsLow: number; side: Side };
  'short-of-range': { shortSets: number; worstReps: number; repsLow: number; loadKg: number };
  'jump-within-limit': { fromKg: number; toKg: number; jumpPercent: number; limitPercent: number; on: 'total' | 'external' };
  'jump-too-big': {
    fromKg: number;
    toKg: number;
    jumpPercent: number;
    limitPercent: number;
    on: 'total' | 'external';
    repsTo: number;
  };
  'jump-after-extra-reps': { fromKg: number; toKg: number; jumpPercent: number; reps: number };
  'no-heavier-load': { loadKg: number; repsTo: number };
  'at-the-ceiling': { loadKg: number; reps: number };
  'no-lighter-load': { loadKg: number; repsTo: number };
  'session-cap': { limit: number };
  'limit-locks': { limit: LimitId; variationId: string; unlock: string; severity?: number };
  'limit-restricts': { limit: LimitId; variationId: string; how: string; severity?: number };
  'limit-favours': { limit: LimitId; variationId: string };
  'posture-balance': { heightCm: number; massKg: number; ankleDeg: number; loadKg: number };
  'posture-share': { kneeNm: number; hipNm: number };
  'posture-low-back': { lowBackNm: number; bandPercent: number };
}

export type ReasonCode = keyof ReasonValues;

/** One step of an explanation: what rule, with which values, resting on which source. */
export type Reason = { [C in ReasonCode]: { code: C; values: ReasonValues[C]; basis: BasisId } }[ReasonCode];

/** Where a number comes from. Full citations stand in `docs/sources.md`. */
export const BASES = [
  'common-practice',
  'house-default',
  'acsm-2009',
  'nsca-essentials-4',
  'pain-monitoring-thomee',
  'winter-segments',
  'trainer',
] as const;
export type BasisId = (typeof BASES)[number];

/** Builds a reason with its values checked against its code. */
export const reason = <C extends ReasonCode>(code: C, values: ReasonValues[C], basis: BasisId): Reason =>
  ({ code, values, basis }) as Extract<Reason, { code: C }>;

const CODES: Record<ReasonCode, true> = {
  'sets-by-goal': true,
  'sets-first-session': true,
  'reps-by-goal': true,
  'reps-by-variation': true,
  'tempo-by-goal': true,
  'tempo-by-variation': true,
  'rest-by-goal': true,
  'reserve-by-goal': true,
  'reserve-first-session': true,
  'reserve-first-weeks': true,
  'load-first-guess': true,
  'load-mass-unknown': true,
  'load-none-first': true,
  'carried-forward': true,
  'trainer-edited': true,
  'not-done': true,
  'sets-missing': true,
  'pain-stop': true,
  'pain-ease': true,
  'pain-ended': true,
  'fault-dangerous': true,
  'fault-breaks': true,
  'not-clean': true,
  'clean-not-judged': true,
  'grip-ended': true,
  'other-load-than-planned': true,
  'under-reserve': true,
  'top-of-range': true,
  'within-range': true,
  'short-once': true,
  'short-of-range': true,
  'jump-within-limit': true,
  'jump-too-big': true,
  'jump-after-extra-reps': true,
  'no-heavier-load': true,
  'at-the-ceiling': true,
  'no-lighter-load': true,
  'session-cap': true,
  'limit-locks': true,
  'limit-restricts': true,
  'limit-favours': true,
  'posture-balance': true,
  'posture-share': true,
  'posture-low-back': true,
};

/** Every reason code, for the wire format and for registry tests. */
export const REASON_CODES = Object.keys(CODES) as readonly ReasonCode[];
