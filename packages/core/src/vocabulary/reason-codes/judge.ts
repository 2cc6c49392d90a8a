import type { FaultId } from '../faults';
import type { CarefulCause } from '../health';
import type { LeverId, LeverValue } from '../levers';
import type { Side } from '../set-record';
import type { Goal, LoadPosition } from '../training';

type LeverUnit = 'cm' | 'mm' | 'kg' | 's' | 'deg' | null;

/** Why a verdict is what it is. */
export interface JudgeReasons {
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
  'gate-met': {
    sets: number;
    reps: number;
    seconds: number | null;
    loadKg: number | null;
    sessions: number;
    toVariationId: string;
  };
  'gate-progress': {
    sets: number;
    setsNeeded: number;
    reps: number;
    seconds: number | null;
    loadKg: number | null;
    sessions: number;
    sessionsNeeded: number;
  };
  'gate-none': { variationId: string };
  'gate-another-set': { sets: number; setsNeeded: number; reps: number };
  /** `limit`: decisions of before; now such a stage is `rung-locked`, and nothing is passed. */
  'rung-bypassed': { variationId: string; why: 'limit' | 'kit' };
  'rung-locked': { variationId: string };
  'rung-below': { fromVariationId: string; toVariationId: string };
  'rung-dose': { fromVariationId: string; toVariationId: string; loadKg: number };
  'two-for-two-met': { repsOver: number; goalReps: number; sessions: number };
  'two-for-two-waiting': { lastReps: number; goalReps: number; sessions: number };
  'straight-line-done': { sets: number; reps: number };
  'straight-line-missed': { missedSets: number; reps: number };
  'lever-notch': { lever: LeverId; from: LeverValue; to: LeverValue; unit: LeverUnit };
  'pain-not-asked': { limits: number };
  'pain-new': { pain: number; limit: number };
  'pain-rose': { from: number; to: number };
  'pain-morning-unknown': { pain: number };
  'pain-not-settled': { pain: number };
  painkillers: Record<string, never>;
  'fault-again': { faultId: FaultId; sessions: number };
  'stall-range': { sessions: number; repsLow: number; repsHigh: number };
  'stall-lighter': { sessions: number; sets: number; loadKg: number };
  'staying-is-success': { goal: Goal; sessions: number };
  dip: { sessions: number; percent: number };
  'side-difference': { weaker: Side; percent: number; sessions: number };
  'set-doubtful': { setIndex: number; field: string };
  'not-enough': { sets: number };
  'pain-fewer-sets': { sets: number; usualSets: number };
  'pain-nothing-left': Record<string, never>;
  'pain-return-unknown': Record<string, never>;
  'coming-back': { because: 'pain' | 'fault' | 'limit'; good: number };
  'back-again': { loadKg: number };
  'setting-stays': Record<string, never>;
  'timed-waiting': { seconds: number; asked: number; sessions: number };
  'timed-longest': { seconds: number };
  'timed-heavier': { fromKg: number; toKg: number; seconds: number };
  'held-elsewhere': { from: LoadPosition; to: LoadPosition; loadKg: number };
  'one-leg-next': { fromVariationId: string; toVariationId: string; loadKg: number };
  'timed-longer': { from: number; to: number };
  'timed-shorter': { from: number; to: number };
  'stall-set': { sessions: number; sets: number };
  'aim-up': { from: number; to: number };
  'aim-down': { from: number; to: number };
  'own-range': { repsLow: number; repsHigh: number };
  'too-easy': { more: number };
  'gate-with-aid': { lever: LeverId; value: LeverValue; unit: LeverUnit };
  'gate-with-pain': { pain: number; days: number };
  'rung-unearned': { variationId: string; buildsOn: string };
  'way-chosen': { ways: number; goal: Goal };
  'empty-bar': { share: number; loadKg: number };
  spent: { left: number; target: number; sessions: number; cause: CarefulCause };
  'feelers-not-done': { sets: number; loadKg: number };
  'careful-waits': { cause: CarefulCause; sessions: number };
  'no-new-rung': { cause: CarefulCause };
  'grip-changed': { how: 'straps' | 'harder'; sessions: number };
  'day-of-its-own': Record<string, never>;
  'loan-over': Record<string, never>;
}

/** Every code of the group; a missing one does not compile. */
export const JUDGE_CODES: Record<keyof JudgeReasons, true> = {
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
  'gate-met': true,
  'gate-progress': true,
  'gate-none': true,
  'gate-another-set': true,
  'rung-bypassed': true,
  'rung-locked': true,
  'rung-below': true,
  'rung-dose': true,
  'two-for-two-met': true,
  'two-for-two-waiting': true,
  'straight-line-done': true,
  'straight-line-missed': true,
  'lever-notch': true,
  'pain-not-asked': true,
  'pain-new': true,
  'pain-rose': true,
  'pain-morning-unknown': true,
  'pain-not-settled': true,
  painkillers: true,
  'fault-again': true,
  'stall-range': true,
  'stall-lighter': true,
  'staying-is-success': true,
  dip: true,
  'side-difference': true,
  'set-doubtful': true,
  'not-enough': true,
  'pain-fewer-sets': true,
  'pain-nothing-left': true,
  'pain-return-unknown': true,
  'coming-back': true,
  'back-again': true,
  'setting-stays': true,
  'timed-waiting': true,
  'timed-longest': true,
  'timed-heavier': true,
  'held-elsewhere': true,
  'one-leg-next': true,
  'timed-longer': true,
  'timed-shorter': true,
  'stall-set': true,
  'aim-up': true,
  'aim-down': true,
  'own-range': true,
  'too-easy': true,
  'gate-with-aid': true,
  'gate-with-pain': true,
  'rung-unearned': true,
  'way-chosen': true,
  'empty-bar': true,
  spent: true,
  'feelers-not-done': true,
  'careful-waits': true,
  'no-new-rung': true,
  'grip-changed': true,
  'day-of-its-own': true,
  'loan-over': true,
};
