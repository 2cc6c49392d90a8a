import { isSameMass } from '../../kit';
import type { Load } from '../../kit';
import { reason } from '../../vocabulary';
import { estimateFor, withToday } from '../estimate-next';
import { metGate, toNextRung } from '../gates/move-on';
import { stay } from '../stay';
import type { ExerciseLog, Method, Outcome, WorkDone } from '../types';
import { fillRange } from '../fill-range';

/** Days to the next session where the person's rhythm isn't known yet: two a week. House default. */
const USUAL_GAP_DAYS = 3;

/**
 * Load and reps from the strength estimate: every set counts, with the reserve that was said and without. Load changes
 * stay rare; reps climb first. Where the estimator has nothing to say the plain range decides.
 */
export const reserveLed: Method = {
  id: 'reserve-led',
  decide(log, done) {
    const from = { ...log, past: withToday(log) };
    const nextDay = log.day + usualGap(log);
    const next = estimateFor(from, log.dose, nextDay);
    if (!next) return unread(log, done);
    const load = log.loads.find(({ externalKg }) => isSameMass(externalKg, next.loadKg)) ?? done.load;
    const began = loadBegunWith(log, done);
    const gate = metGate(log);
    const isHeaviest = isSameMass(log.loads.at(-1)?.externalKg ?? 0, began.externalKg);
    if (gate && isHeaviest) return toNextRung(log, gate) ?? same(log, began, next.reps, next.reasons);
    const aim = { repsAim: next.reps, repsBeyond: Math.max(0, next.reps - log.dose.repsHigh) };
    const dose = { ...log.dose, load, ...aim };
    if (load.externalKg > began.externalKg + 0.001) {
      const change = { lever: 'load', from: began.externalKg, to: load.externalKg } as const;
      return { verdict: 'move-up', change, dose, reasons: next.reasons };
    }
    if (load.externalKg < began.externalKg - 0.001) {
      const change = { lever: 'load', from: began.externalKg, to: load.externalKg } as const;
      return { verdict: 'ease-back', change, dose, reasons: next.reasons };
    }
    return same(log, began, next.reps, next.reasons);
  },
};

/** Not enough to say: the plain range decides, and says so. */
const unread = (log: ExerciseLog, done: WorkDone): Outcome => {
  const outcome = fillRange(log, done);
  const why = reason('not-enough', { sets: done.rows.length }, 'strength-model');
  return { ...outcome, reasons: [why, ...outcome.reasons] };
};

/** The load the work began with: what later sets were lightened to is fatigue, not the load in force. */
const loadBegunWith = (log: ExerciseLog, done: WorkDone): Load => {
  const first = done.rows.find((row) => row.setIndex === Math.min(...done.rows.map(({ setIndex }) => setIndex)));
  return log.loads.find(({ externalKg }) => first && isSameMass(externalKg, first.externalKg)) ?? done.load;
};

const same = (log: ExerciseLog, load: Load, reps: number, reasons: Outcome['reasons']): Outcome => {
  const outcome = stay(log, { load }, reasons);
  return { ...outcome, dose: { ...outcome.dose, repsAim: reps, repsBeyond: Math.max(0, reps - log.dose.repsHigh) } };
};

const usualGap = ({ past, day }: ExerciseLog): number => {
  const last = Math.max(...past.map((session) => session.day), -Infinity);
  const gap = day - last;
  return Number.isFinite(gap) && gap > 0 && gap <= 10 ? gap : USUAL_GAP_DAYS;
};
