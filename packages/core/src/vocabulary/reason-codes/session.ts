import type { JointArea, SoreMuscle } from '../session';

/** What a check-in changes today, why an exercise was cut short, and what a sensor saw. */
export interface SessionReasons {
  'check-sore': { variationId: string; muscle: SoreMuscle; level: number; setsFrom: number; setsTo: number };
  'check-sore-tempo': { variationId: string; muscle: SoreMuscle; level: number; loweringFrom: number; loweringTo: number };
  'check-sore-leave': { variationId: string; muscle: SoreMuscle; level: number };
  'check-sore-holds': { muscle: SoreMuscle; level: number };
  'check-joint-ease': { variationId: string; area: JointArea; pain: number };
  'check-joint-leave': { variationId: string; area: JointArea; pain: number };
  'check-painkillers': Record<string, never>;
  'check-ill': Record<string, never>;
  'check-ill-over': { variationId: string; setsFrom: number; setsTo: number; reserve: number };
  'check-pressure': { systolic: number; diastolic: number };
  'sets-cut': { sets: number; planned: number; cause: 'time' | 'kit' | 'pain' | 'fault' | 'check-in' | 'choice' };
  'eased-today': { cause: 'time' | 'kit' | 'pain' | 'fault' | 'check-in' | 'choice' };
  'swapped-for-today': { variationId: string };
  'rest-longer-short': { reserve: number; restSeconds: number };
  'session-load': { effort: number; minutes: number; load: number };
  'week-monotony': { monotony: number; load: number; strain: number };
  slowing: { percent: number; reps: number };
  'tempo-kept': { percent: number; reps: number };
}

/** Every code of the group; a missing one does not compile. */
export const SESSION_CODES: Record<keyof SessionReasons, true> = {
  'check-sore': true,
  'check-sore-tempo': true,
  'check-sore-leave': true,
  'check-sore-holds': true,
  'check-joint-ease': true,
  'check-joint-leave': true,
  'check-painkillers': true,
  'check-ill': true,
  'check-ill-over': true,
  'check-pressure': true,
  'sets-cut': true,
  'eased-today': true,
  'swapped-for-today': true,
  'rest-longer-short': true,
  'session-load': true,
  'week-monotony': true,
  slowing: true,
  'tempo-kept': true,
};
