import type { CarefulCause } from '../health';
import type { LiftHold, LiftSource } from '../known-lifts';
import type { Role } from '../sheet';
import type { Goal, TrainingAge } from '../training';

/** Why a sheet asks for what it asks. */
export interface PlanReasons {
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
  'load-from-known-lift': {
    liftedKg: number;
    reps: number;
    daysAgo: number;
    source: LiftSource;
    loadKg: number;
    isEarned: boolean;
  };
  'start-known-lift': { variationId: string; loadKg: number; reps: number; daysAgo: number; source: LiftSource };
  'known-lift-lower': { variationId: string; loadKg: number; reps: number; hold: LiftHold };
  'load-first-guess': { share: number; bodyMassKg: number; guessKg: number; loadKg: number };
  'load-mass-unknown': { loadKg: number };
  'load-none-first': { variationId: string };
  'carried-forward': { sessionDate: string };
  'trainer-edited': { sessionDate: string };
  'minutes-sum': {
    exercises: number;
    setUpMinutes: number;
    leadInMinutes: number;
    workMinutes: number;
    restMinutes: number;
    changeMinutes: number;
  };
  'feelers-first': { sets: number; guessKg: number };
  'load-from-relative': { variationId: string; ratio: number; loadKg: number };
  'lay-off-load': { days: number; lossPercent: number; loadKg: number; fromKg: number };
  'lay-off-first': { days: number; sets: number; reserve: number };
  'school-rest': { restSeconds: number };
  'school-effort': { reserve: number };
  'dose-by-role': {
    role: Role;
    field: 'sets' | 'reps' | 'rest' | 'reserve';
    sets: number;
    repsLow: number;
    repsHigh: number;
    seconds: number | null;
    restSeconds: number;
    reserve: number;
  };
  'lighter-day': { sets: number; usualSets: number; reserve: number };
  'load-from-history': { sessions: number; loadKg: number };
  'load-as-here': { loadKg: number; fromKg: number };
  spared: { cause: CarefulCause; reps: number; reserve: number };
  'reserve-new-movement': { reserve: number; usualReserve: number; sessions: number };
  'half-after-birth': { loadKg: number; usualKg: number };
  'loan-sets': { sets: number; usualSets: number; reserve: number };
  'shape-from-belief': { loadKg: number; usualKg: number; predictedReps: number };
  'sets-for-minutes': { sets: number; usualSets: number; minutes: number };
  'circuit-lead': { sets: number; repsLow: number; repsHigh: number };
  'rounds-earned': { rounds: number; restSeconds: number; circuits: number; isSpared: boolean };
  intervals: { sets: number; seconds: number; restSeconds: number; finishers: number; isSpared: boolean };
}

/** Every code of the group; a missing one does not compile. */
export const PLAN_CODES: Record<keyof PlanReasons, true> = {
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
  'load-from-known-lift': true,
  'start-known-lift': true,
  'known-lift-lower': true,
  'load-first-guess': true,
  'load-mass-unknown': true,
  'load-none-first': true,
  'carried-forward': true,
  'trainer-edited': true,
  'minutes-sum': true,
  'feelers-first': true,
  'load-from-relative': true,
  'lay-off-load': true,
  'lay-off-first': true,
  'school-rest': true,
  'school-effort': true,
  'dose-by-role': true,
  'lighter-day': true,
  'load-from-history': true,
  'load-as-here': true,
  spared: true,
  'reserve-new-movement': true,
  'half-after-birth': true,
  'loan-sets': true,
  'shape-from-belief': true,
  'sets-for-minutes': true,
  'circuit-lead': true,
  'rounds-earned': true,
  intervals: true,
};
