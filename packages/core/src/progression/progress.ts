import { isSameMass } from '../kit';
import { ESTIMATOR } from '../strength';
import type { Tempo } from '../vocabulary';
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

/** Sessions looked back on: more than any rule about standing still asks for. */
const LOOK_BACK = 12;

const isSameTempo = (a: Tempo, b: Tempo): boolean =>
  a.lowering === b.lowering && a.bottom === b.bottom && a.lifting === b.lifting && a.top === b.top;

const workOf = (log: ExerciseLog, session: Pick<PastExercise, 'day' | 'sets' | 'dose'>): SessionWork | null => {
  const done = workDone({ sets: session.sets, dose: session.dose, variation: log.variation, loads: log.loads });
  if (done.rows.length === 0) return null;
  const loadKg = done.load.externalKg;
  const at = done.rows.filter((row) => isSameMass(row.externalKg, loadKg));
  const reps = at.reduce((sum, row) => sum + row.reps, 0);
  const bodyKg = log.variation.bodyMassShare * (log.bodyMassKg ?? 0);
  const best = Math.max(
    ...done.rows.map((row) => (row.externalKg + bodyKg) * (1 + (row.reps + (row.reserve ?? 0)) / ESTIMATOR.usualK)),
  );
  return { day: session.day, loadKg, reps, capacityKg: best };
};

/** Work of this movement by session under like conditions (same tempo and settings), newest first, this one included. */
export const likeSessions = (log: ExerciseLog): SessionWork[] => {
  const settings = (session: Pick<PastExercise, 'values'>): string => JSON.stringify(Object.entries(session.values).sort());
  const isLike = ({ dose, values }: Pick<PastExercise, 'dose' | 'values'>): boolean =>
    isSameTempo(dose.tempo, log.dose.tempo) && (values === log.values || settings({ values }) === own);
  const own = settings(log);
  return [log, ...log.past]
    .filter(isLike)
    .sort((a, b) => b.day - a.day)
    .slice(0, LOOK_BACK)
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
