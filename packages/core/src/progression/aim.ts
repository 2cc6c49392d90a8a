import type { Dose } from '../dose';
import { estimateFor, withToday } from './estimate-next';
import type { ExerciseLog } from './types';

/** Reps to aim at with another dose: what the belief supports within the range; its low end where it has nothing to say. */
export const aimAt = (
  log: Pick<ExerciseLog, 'variation' | 'values' | 'loads' | 'context' | 'past' | 'dose'> & Partial<ExerciseLog>,
  dose: Dose,
): number => {
  const past = log.sets === undefined ? log.past : withToday(log as ExerciseLog);
  const load = log.loads.filter(({ externalKg }) => Math.abs(externalKg - dose.load.externalKg) < 0.001);
  const found = estimateFor({ ...log, past, dose, loads: load }, dose, log.day ?? 0);
  return Math.min(dose.repsHigh, Math.max(dose.repsLow, found?.reps ?? dose.repsLow));
};
