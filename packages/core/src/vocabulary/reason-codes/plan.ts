import type { CarefulCause } from '../health';
import type { LiftHold, LiftSource } from '../known-lifts';
import type { Role } from '../sheet';
import type { Goal, TrainingAge } from '../training';
import { values } from './define';
import type { ValuesOf } from './define';

/** Why a sheet asks for what it asks. */
export const PLAN_REASONS = {
  'sets-by-goal': values<{ goal: Goal; trainingAge: TrainingAge; sets: number }>(),
  'sets-first-session': values<{ sets: number; usualSets: number }>(),
  'reps-by-goal': values<{ goal: Goal; repsLow: number; repsHigh: number }>(),
  'reps-by-variation': values<{ variationId: string; repsLow: number; repsHigh: number }>(),
  'tempo-by-goal': values<{ goal: Goal; tempo: string; secondsPerRep: number }>(),
  'tempo-by-variation': values<{ variationId: string; tempo: string; secondsPerRep: number }>(),
  'rest-by-goal': values<{ goal: Goal; restSeconds: number }>(),
  'reserve-by-goal': values<{ goal: Goal; reserve: number }>(),
  'reserve-first-session': values<{ reserve: number; usualReserve: number }>(),
  'reserve-first-weeks': values<{ reserve: number; usualReserve: number; dayOfTraining: number }>(),
  'load-from-known-lift': values<{
    liftedKg: number;
    reps: number;
    daysAgo: number;
    source: LiftSource;
    loadKg: number;
    isEarned: boolean;
  }>(),
  'start-known-lift': values<{ variationId: string; loadKg: number; reps: number; daysAgo: number; source: LiftSource }>(),
  'known-lift-lower': values<{ variationId: string; loadKg: number; reps: number; hold: LiftHold }>(),
  'load-first-guess': values<{ share: number; bodyMassKg: number; guessKg: number; loadKg: number }>(),
  'load-mass-unknown': values<{ loadKg: number }>(),
  'load-none-first': values<{ variationId: string }>(),
  'carried-forward': values<{ sessionDate: string }>(),
  'trainer-edited': values<{ sessionDate: string }>(),
  'minutes-sum': values<{
    exercises: number;
    setUpMinutes: number;
    leadInMinutes: number;
    workMinutes: number;
    restMinutes: number;
    changeMinutes: number;
  }>(),
  'feelers-first': values<{ sets: number; guessKg: number }>(),
  'load-from-relative': values<{ variationId: string; ratio: number; loadKg: number }>(),
  'lay-off-load': values<{ days: number; lossPercent: number; loadKg: number; fromKg: number }>(),
  'lay-off-first': values<{ days: number; sets: number; reserve: number }>(),
  'school-rest': values<{ restSeconds: number }>(),
  'school-effort': values<{ reserve: number }>(),
  'dose-by-role': values<{
    role: Role;
    field: 'sets' | 'reps' | 'rest' | 'reserve';
    sets: number;
    repsLow: number;
    repsHigh: number;
    seconds: number | null;
    restSeconds: number;
    reserve: number;
  }>(),
  'lighter-day': values<{ sets: number; usualSets: number; reserve: number }>(),
  'load-after-pain': values<{ loadKg: number; pain: number }>(),
  'lighter-load': values<{ loadKg: number; usualKg: number }>(),
  'load-from-history': values<{ sessions: number; loadKg: number }>(),
  'load-as-here': values<{ loadKg: number; fromKg: number }>(),
  spared: values<{ cause: CarefulCause; reps: number; reserve: number }>(),
  'reserve-new-movement': values<{ reserve: number; usualReserve: number; sessions: number }>(),
  'half-after-birth': values<{ loadKg: number; usualKg: number }>(),
  'loan-sets': values<{ sets: number; usualSets: number; reserve: number }>(),
  'shape-from-belief': values<{ loadKg: number; usualKg: number; predictedReps: number }>(),
  'sets-for-minutes': values<{ sets: number; usualSets: number; minutes: number }>(),
  'circuit-lead': values<{ sets: number; repsLow: number; repsHigh: number }>(),
  'rounds-earned': values<{ rounds: number; restSeconds: number; circuits: number; isSpared: boolean }>(),
  intervals: values<{ sets: number; seconds: number; restSeconds: number; finishers: number; isSpared: boolean }>(),
};

export type PlanReasons = ValuesOf<typeof PLAN_REASONS>;
