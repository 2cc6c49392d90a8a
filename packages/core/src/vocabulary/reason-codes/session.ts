import type { JointArea, SoreMuscle } from '../session';
import { noValues, values } from './define';
import type { ValuesOf } from './define';

/** What a check-in changes today, why an exercise was cut short, and what a sensor saw. */
export const SESSION_REASONS = {
  'check-sore': values<{ variationId: string; muscle: SoreMuscle; level: number; setsFrom: number; setsTo: number }>(),
  'check-sore-tempo': values<{
    variationId: string;
    muscle: SoreMuscle;
    level: number;
    loweringFrom: number;
    loweringTo: number;
  }>(),
  'check-sore-leave': values<{ variationId: string; muscle: SoreMuscle; level: number }>(),
  'check-sore-holds': values<{ muscle: SoreMuscle; level: number }>(),
  'check-joint-ease': values<{ variationId: string; area: JointArea; pain: number }>(),
  'check-joint-again': values<{ variationId: string; area: JointArea; pain: number; setsFrom: number; setsTo: number }>(),
  'check-joint-leave': values<{ variationId: string; area: JointArea; pain: number }>(),
  'check-painkillers': noValues,
  'check-ill': noValues,
  'check-ill-over': values<{ variationId: string; setsFrom: number; setsTo: number; reserve: number }>(),
  'check-pressure': values<{ systolic: number; diastolic: number }>(),
  'sets-cut': values<{ sets: number; planned: number; cause: 'time' | 'kit' | 'pain' | 'fault' | 'check-in' | 'choice' }>(),
  'eased-today': values<{ cause: 'time' | 'kit' | 'pain' | 'fault' | 'check-in' | 'choice' }>(),
  'swapped-for-today': values<{ variationId: string }>(),
  'rest-longer-short': values<{ reserve: number; restSeconds: number }>(),
  'session-load': values<{ effort: number; minutes: number; load: number }>(),
  'week-monotony': values<{ monotony: number; load: number; strain: number }>(),
  slowing: values<{ percent: number; reps: number }>(),
  'tempo-kept': values<{ percent: number; reps: number }>(),
};

export type SessionReasons = ValuesOf<typeof SESSION_REASONS>;
