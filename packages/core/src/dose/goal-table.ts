import type { Goal, TrainingAge, Tempo } from '../vocabulary';
import type { RepRange } from '../catalogue/types';

interface GoalDose {
  sets: Record<TrainingAge, number>;
  reps: RepRange;
  tempo: Tempo;
  restSeconds: number;
  reserve: number;
  /** Whether a variation's own rep range gives way to this one. */
  keepsItsReps: boolean;
}

/**
 * Dose of a main exercise by goal. Basis: common practice; the ranges agree with the load-assignment and
 * rest tables of NSCA Essentials, 4th ed. (from memory). Loads come from elsewhere.
 */
export const GOAL_DOSES: Record<Goal, GoalDose> = {
  'build-muscle': {
    sets: { novice: 3, intermediate: 3, advanced: 4 },
    reps: { low: 8, high: 12 },
    tempo: { lowering: 3, bottom: 1, lifting: 1, top: 0 },
    restSeconds: 90,
    reserve: 2,
    keepsItsReps: false,
  },
  'get-stronger': {
    sets: { novice: 3, intermediate: 4, advanced: 5 },
    reps: { low: 4, high: 6 },
    tempo: { lowering: 2, bottom: 0, lifting: 1, top: 0 },
    restSeconds: 150,
    reserve: 2,
    keepsItsReps: true,
  },
  'move-well': {
    sets: { novice: 2, intermediate: 3, advanced: 3 },
    reps: { low: 8, high: 12 },
    tempo: { lowering: 3, bottom: 1, lifting: 2, top: 1 },
    restSeconds: 60,
    reserve: 3,
    keepsItsReps: false,
  },
  'fat-loss-and-capacity': {
    sets: { novice: 3, intermediate: 3, advanced: 4 },
    reps: { low: 10, high: 15 },
    tempo: { lowering: 2, bottom: 0, lifting: 1, top: 0 },
    restSeconds: 45,
    reserve: 3,
    keepsItsReps: false,
  },
  power: {
    sets: { novice: 3, intermediate: 4, advanced: 5 },
    reps: { low: 4, high: 5 },
    tempo: { lowering: 2, bottom: 0, lifting: 'x', top: 0 },
    restSeconds: 150,
    reserve: 3,
    keepsItsReps: true,
  },
};

/** Gentle starts. Source: common practice; figures are house defaults. */
export const STAGES = {
  firstSession: { sets: 2, reserve: 4 },
  firstWeeks: { days: 21, reserve: 3 },
  /** The first sessions of a movement, whoever does it. */
  newMovement: { sessions: 2, reserve: 4 },
  /** First session after so many days away. */
  layOff: { fromDays: 21, setsOff: 1, moreReserve: 1 },
} as const;
