import { isSameMass } from '../kit';
import { curveOf } from '../strength';
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
  const { k, bodyTells } = curveOf(log.variation);
  const bodyKg = bodyTells * log.variation.bodyMassShare * (log.bodyMassKg ?? 0);
  const best = Math.max(...done.rows.map((row) => (row.externalKg + bodyKg) * (1 + (row.reps + (row.reserve ?? 0)) / k)));
  return { day: session.day, loadKg, reps, capacityKg: best };
};

const settings = ({ values }: Pick<PastExercise, 'values'>): string => JSON.stringify(Object.entries(values).sort());

/** Whether a session was under like conditions: the same tempo and settings. */
export const isLike = (log: ExerciseLog, { dose, values }: Pick<PastExercise, 'dose' | 'values'>): boolean =>
  isSameTempo(dose.tempo, log.dose.tempo) && (values === log.values || settings({ values }) === settings(log));

/** Work of this movement by session under like conditions (same tempo and settings), newest first, this one included. */
export const likeSessions = (log: ExerciseLog): SessionWork[] =>
  [log, ...log.past]
    .filter((session) => isLike(log, session))
    .sort((a, b) => b.day - a.day)
    .slice(0, LOOK_BACK)
    .flatMap((session) => workOf(log, session) ?? []);
