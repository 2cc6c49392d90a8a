import { isSameMass } from '../../kit';
import type { Load } from '../../kit';
import { reason } from '../../vocabulary';
import { ownRange, plannedReps } from '../../dose';
import type { Dose } from '../../dose';
import { estimateFor, predictedReps, withToday } from '../estimate-next';
import { atRacksEnd } from '../racks-end';
import { heldByLocks, metGate, toNextRung } from '../gates/move-on';
import type { MetGate } from '../gates/move-on';
import { TO_LIFT_MORE } from '../gates/recommended';
import { shortOfRange } from '../short-of-range';
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
    const onward = gate && (isHeaviest || isLedOn(log, gate)) ? toNextRung(log, gate) : null;
    if (onward) return onward;
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
    // At the lightest the rack makes the estimate can ask for nothing less; what fell short still eases.
    const isLightest = isSameMass(log.loads[0]?.externalKg ?? 0, began.externalKg);
    const short = isLightest ? shortOfRange(log, done) : null;
    if (short?.verdict === 'ease-back') return short;
    const ended = isHeaviest && next.reps >= log.dose.repsHigh ? racksEnd(log, done, began) : null;
    return ended ? heldByLocks(gate, ended) : aimed(log, began, next);
  },
};

/** A gate that leads on by load or skill is taken where the goal is to lift more; the others go on adding load and are offered it. */
const isLedOn = ({ context }: ExerciseLog, { leads }: MetGate): boolean => leads && TO_LIFT_MORE.has(context.person.goal);

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

/** The heaviest the rack makes has become easy: by the belief for the movement's own range, else once every set has filled it. */
const racksEnd = (log: ExerciseLog, done: WorkDone, load: Load): Outcome | null => {
  const { dose } = log;
  const isSpent = done.rows.some(({ reserve }) => reserve !== null && reserve < dose.reserve);
  const isFilled = done.completeSets >= dose.sets && !isSpent && done.rows.every(({ reps }) => reps >= dose.repsHigh);
  if (dose.repsHigh >= ownRange(log.variation, log.values, load.externalKg).high && !isFilled) return null;
  return atRacksEnd(log, load);
};

/** Falls in the aim up to this are a day's noise. House default. */
const AIM_NOISE = 1;

/** The same load: the aim climbs as the belief bears it, and that is a move up; it falls only by more than a day's noise. */
const aimed = (log: ExerciseLog, load: Load, next: { reps: number; reasons: Outcome['reasons'] }): Outcome => {
  const from = plannedReps(log.dose);
  const outcome = stay(log, { load }, next.reasons);
  const asking = (repsAim: number): Dose => ({
    ...outcome.dose,
    repsAim,
    repsBeyond: Math.max(0, repsAim - log.dose.repsHigh),
  });
  const change = { lever: 'reps', from, to: next.reps } as const;
  if (next.reps > from) {
    const why = reason('aim-up', { from, to: next.reps }, 'strength-model');
    return { verdict: 'move-up', change, dose: asking(next.reps), reasons: [...next.reasons, why] };
  }
  // Reps beyond the range are no longer asked for by the choice, but stand while the belief bears them.
  const borne = (predictedReps(log, load.externalKg) ?? next.reps) - log.dose.reserve;
  if (Math.max(next.reps, borne) < from - AIM_NOISE) {
    const why = reason('aim-down', { from, to: next.reps }, 'strength-model');
    return { verdict: 'ease-back', change, dose: asking(next.reps), reasons: [...next.reasons, why] };
  }
  return outcome;
};

const usualGap = ({ past, day }: ExerciseLog): number => {
  const last = Math.max(...past.map((session) => session.day), -Infinity);
  const gap = day - last;
  return Number.isFinite(gap) && gap > 0 && gap <= 10 ? gap : USUAL_GAP_DAYS;
};
