import { isSameMass } from '../kit';
import type { ExerciseLog, PastExercise } from './types';
import { workDone } from './work-done';

/** One session's work in two numbers: the load most sets used and the reps done with it. */
export interface SessionWork {
  day: number;
  loadKg: number;
  reps: number;
  /** Load that could be lifted once, kg total, by the usual k: for comparing sessions, not for prescribing. */
  capacityKg: number;
}

const USUAL_K = 30;

const workOf = (log: ExerciseLog, session: Pick<PastExercise, 'day' | 'sets' | 'dose'>): SessionWork | null => {
  const done = workDone({ sets: session.sets, dose: session.dose, variation: log.variation, loads: log.loads });
  if (done.rows.length === 0) return null;
  const loadKg = done.load.externalKg;
  const at = done.rows.filter((row) => isSameMass(row.externalKg, loadKg));
  const reps = at.reduce((sum, row) => sum + row.reps, 0);
  const bodyKg = log.variation.bodyMassShare * (log.bodyMassKg ?? 0);
  const best = Math.max(...done.rows.map((row) => (row.externalKg + bodyKg) * (1 + (row.reps + (row.reserve ?? 0)) / USUAL_K)));
  return { day: session.day, loadKg, reps, capacityKg: best };
};

/** Work of this movement by session under like conditions (same tempo and settings), newest first, this one included. */
export const likeSessions = (log: ExerciseLog): SessionWork[] => {
  const key = (session: Pick<PastExercise, 'dose' | 'values'>): string =>
    JSON.stringify([session.dose.tempo, Object.entries(session.values).sort()]);
  const own = key(log);
  return [log, ...log.past]
    .filter((session) => key(session) === own)
    .sort((a, b) => b.day - a.day)
    .flatMap((session) => workOf(log, session) ?? []);
};

/** Sessions in a row, newest first, that brought nothing over the one before them: neither load nor reps. */
export const withoutProgress = (sessions: readonly SessionWork[]): number => {
  let count = 0;
  for (let at = 0; at + 1 < sessions.length; at += 1) {
    const [now, before] = [sessions[at], sessions[at + 1]];
    if (!now || !before) break;
    if (now.loadKg > before.loadKg + 0.001 || (isSameMass(now.loadKg, before.loadKg) && now.reps > before.reps)) break;
    count += 1;
  }
  return count;
};
