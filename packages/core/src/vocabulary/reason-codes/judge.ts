import type { FaultId } from '../faults';
import type { CarefulCause } from '../health';
import type { LeverId, LeverValue } from '../levers';
import type { Side } from '../set-record';
import type { Goal, LoadPosition } from '../training';
import { noValues, values } from './define';
import type { ValuesOf } from './define';

type LeverUnit = 'cm' | 'mm' | 'kg' | 's' | 'deg' | null;

/** Why a verdict is what it is. */
export const JUDGE_REASONS = {
  'not-done': noValues,
  'sets-missing': values<{ done: number; planned: number }>(),
  'pain-stop': values<{ pain: number; limit: number }>(),
  'pain-ease': values<{ pain: number; limit: number }>(),
  'pain-ended': values<{ setIndex: number }>(),
  'fault-dangerous': values<{ faultId: FaultId; setIndex: number }>(),
  'fault-breaks': values<{ faultId: FaultId; setIndex: number }>(),
  'not-clean': values<{ setIndex: number }>(),
  'clean-not-judged': values<{ setIndex: number }>(),
  'grip-ended': values<{ setIndex: number }>(),
  'other-load-than-planned': values<{ setIndex: number; loadKg: number; plannedKg: number }>(),
  'under-reserve': values<{ setIndex: number; reserve: number; target: number }>(),
  'top-of-range': values<{ sets: number; reps: number }>(),
  'within-range': values<{ lowestReps: number; repsHigh: number }>(),
  'short-once': values<{ setIndex: number; reps: number; repsLow: number; side: Side }>(),
  'short-of-range': values<{ shortSets: number; worstReps: number; repsLow: number; loadKg: number }>(),
  'jump-within-limit': values<{
    fromKg: number;
    toKg: number;
    jumpPercent: number;
    limitPercent: number;
    on: 'total' | 'external';
  }>(),
  'jump-too-big': values<{
    fromKg: number;
    toKg: number;
    jumpPercent: number;
    limitPercent: number;
    on: 'total' | 'external';
    repsTo: number;
  }>(),
  'jump-after-extra-reps': values<{ fromKg: number; toKg: number; jumpPercent: number; reps: number }>(),
  'no-heavier-load': values<{ loadKg: number; repsTo: number }>(),
  'at-the-ceiling': values<{ loadKg: number; reps: number }>(),
  'no-lighter-load': values<{ loadKg: number; repsTo: number }>(),
  'session-cap': values<{ limit: number }>(),
  'gate-met': values<{
    sets: number;
    reps: number;
    seconds: number | null;
    loadKg: number | null;
    sessions: number;
    toVariationId: string;
  }>(),
  'gate-progress': values<{
    sets: number;
    setsNeeded: number;
    reps: number;
    seconds: number | null;
    loadKg: number | null;
    sessions: number;
    sessionsNeeded: number;
  }>(),
  'gate-none': values<{ variationId: string }>(),
  'gate-another-set': values<{ sets: number; setsNeeded: number; reps: number }>(),
  /** `limit`: decisions of before; now such a stage is `rung-locked`, and nothing is passed. */
  'rung-bypassed': values<{ variationId: string; why: 'limit' | 'kit' }>(),
  'rung-locked': values<{ variationId: string }>(),
  'rung-below': values<{ fromVariationId: string; toVariationId: string }>(),
  'rung-dose': values<{ fromVariationId: string; toVariationId: string; loadKg: number }>(),
  'two-for-two-met': values<{ repsOver: number; goalReps: number; sessions: number }>(),
  'two-for-two-waiting': values<{ lastReps: number; goalReps: number; sessions: number }>(),
  'straight-line-done': values<{ sets: number; reps: number }>(),
  'straight-line-missed': values<{ missedSets: number; reps: number }>(),
  'lever-notch': values<{ lever: LeverId; from: LeverValue; to: LeverValue; unit: LeverUnit }>(),
  'pain-not-asked': values<{ limits: number }>(),
  'pain-new': values<{ pain: number; limit: number }>(),
  'pain-rose': values<{ from: number; to: number }>(),
  'pain-morning-unknown': values<{ pain: number }>(),
  'pain-not-settled': values<{ pain: number }>(),
  painkillers: noValues,
  'fault-again': values<{ faultId: FaultId; sessions: number }>(),
  'stall-range': values<{ sessions: number; repsLow: number; repsHigh: number }>(),
  'stall-lighter': values<{ sessions: number; sets: number; loadKg: number }>(),
  'staying-is-success': values<{ goal: Goal; sessions: number }>(),
  dip: values<{ sessions: number; percent: number }>(),
  'side-difference': values<{ weaker: Side; percent: number; sessions: number }>(),
  'set-doubtful': values<{ setIndex: number; field: string }>(),
  'not-enough': values<{ sets: number }>(),
  'pain-fewer-sets': values<{ sets: number; usualSets: number }>(),
  'pain-nothing-left': noValues,
  'pain-return-unknown': noValues,
  'coming-back': values<{ because: 'pain' | 'fault' | 'limit'; good: number }>(),
  'back-again': values<{ loadKg: number }>(),
  'setting-stays': noValues,
  'timed-waiting': values<{ seconds: number; asked: number; sessions: number }>(),
  'timed-easy': values<{ left: number }>(),
  'timed-longest': values<{ seconds: number }>(),
  'timed-heavier': values<{ fromKg: number; toKg: number; seconds: number }>(),
  'held-elsewhere': values<{ from: LoadPosition; to: LoadPosition; loadKg: number }>(),
  'one-leg-next': values<{ fromVariationId: string; toVariationId: string; loadKg: number }>(),
  'timed-longer': values<{ from: number; to: number }>(),
  'timed-shorter': values<{ from: number; to: number }>(),
  'stall-set': values<{ sessions: number; sets: number }>(),
  'aim-up': values<{ from: number; to: number }>(),
  'aim-down': values<{ from: number; to: number }>(),
  'own-range': values<{ repsLow: number; repsHigh: number }>(),
  'too-easy': values<{ more: number }>(),
  'gate-with-aid': values<{ lever: LeverId; value: LeverValue; unit: LeverUnit }>(),
  'gate-with-pain': values<{ pain: number; days: number }>(),
  'rung-unearned': values<{ variationId: string; buildsOn: string }>(),
  'way-chosen': values<{ ways: number; goal: Goal }>(),
  'empty-bar': values<{ share: number; loadKg: number }>(),
  spent: values<{ left: number; target: number; sessions: number; cause: CarefulCause }>(),
  'feelers-not-done': values<{ sets: number; loadKg: number }>(),
  'careful-waits': values<{ cause: CarefulCause; sessions: number }>(),
  'no-new-rung': values<{ cause: CarefulCause }>(),
  'grip-changed': values<{ how: 'straps' | 'harder'; sessions: number }>(),
  'day-of-its-own': noValues,
  'loan-over': noValues,
};

export type JudgeReasons = ValuesOf<typeof JUDGE_REASONS>;
