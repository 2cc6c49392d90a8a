import { narrowed, plannedReps, repsTop } from '../../dose';
import type { Dose } from '../../dose';
import { reason } from '../../vocabulary';
import { lever } from '../change-lever';
import { climb, SPENT_BY } from '../climb';
import { predictedReps } from '../estimate-next';
import { setsToShow } from '../gates/evidence';
import type { GateTarget } from '../gates/evidence';
import { heldByLocks, metGate, shownToward, shownValues, toNextRung } from '../gates/move-on';
import { stay } from '../stay';
import { stepUp } from '../step-up';
import type { ExerciseLog, Method, Outcome, WorkDone } from '../types';
import { shortOfRange } from '../short-of-range';
import { workDone } from '../work-done';

/**
 * For unloaded work and skills: clean work shown in the number of sessions a stage asks for earns the next stage. A
 * stage without a gate, or the last one, goes on by load where it can be held, else by its own settings.
 */
export const ladderGate: Method = {
  id: 'ladder-gate',
  decide(log, done) {
    const short = shortOfRange(log, done);
    if (short) return short;
    const gate = metGate(log);
    const moved = gate && toNextRung(log, gate);
    if (moved) return moved;
    return heldByLocks(gate, toward(log, done) ?? beyond(log, done));
  },
};

/** On the way to a gate: what was shown, what is still asked. The gate's reps are the aim. */
const toward = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const shown = shownToward(log);
  if (!shown || shown.isShown) return null;
  const { target, sessions, bestSets } = shown;
  const oneMore = anotherSet(log, done, target);
  if (oneMore) return oneMore;
  const values = {
    ...shownValues(target),
    sets: bestSets,
    setsNeeded: setsToShow(target, log.dose),
    sessions,
    sessionsNeeded: target.sessions,
  };
  const outcome = stay(log, done, [reason('gate-progress', values, 'common-practice')]);
  return towardReps(log, outcome, target);
};

/**
 * Reps on the way to a gate: what the belief bears, at least a rep more than the fewest done, up to what is asked. The range
 * goes along only as far as the aim does, and never widens.
 */
const towardReps = (log: ExerciseLog, outcome: Outcome, target: GateTarget): Outcome => {
  const { dose } = log;
  const from = plannedReps(dose);
  const spent = spentReps(log);
  if (spent !== null && spent < from) return easedAim(outcome, outcome.dose, from, Math.max(dose.repsLow, spent));
  const lowest = Math.min(...workDone(log).rows.map(({ reps }) => reps));
  const borne = (predictedReps(log, outcome.dose.load.externalKg) ?? 0) - dose.reserve;
  const most = Math.max(target.reps, dose.repsLow);
  const to = spent === null ? Math.min(most, Math.max(Math.floor(borne), lowest + 1)) : from;
  if (to <= from) return { ...outcome, dose: { ...outcome.dose, repsAim: Math.min(from, most) } };
  const asked = to > dose.repsHigh ? narrowed({ ...outcome.dose, repsHigh: to }) : outcome.dose;
  const why = reason('aim-up', { from, to }, 'common-practice');
  const change = { lever: 'reps', from, to } as const;
  return { verdict: 'move-up', change, dose: { ...asked, repsAim: to }, reasons: [...outcome.reasons, why] };
};

/** Fewest reps of a session that was nearer its end than asked for, by a failed set or by what was said; null: it wasn't. */
const spentReps = (log: ExerciseLog): number | null => {
  const { rows } = workDone(log);
  const isSpent = rows.some(
    ({ endedBy, reserve }) => endedBy === 'failure' || (reserve !== null && reserve < log.dose.reserve - SPENT_BY),
  );
  return isSpent ? Math.min(...rows.map(({ reps }) => reps)) : null;
};

/** Fewer reps to aim at: what is on the way to a stage is not fought for. */
const easedAim = (outcome: Outcome, dose: Dose, from: number, to: number): Outcome =>
  to >= from
    ? outcome
    : {
        ...outcome,
        verdict: 'ease-back',
        change: { lever: 'reps', from, to },
        dose: { ...dose, repsAim: to },
        reasons: [...outcome.reasons, reason('aim-down', { from, to }, 'common-practice')],
      };

/** The stage asks for more sets than the sheet has: one more, once every set there is shows what is asked. */
const anotherSet = (log: ExerciseLog, done: WorkDone, target: GateTarget): Outcome | null => {
  // What the day had capped comes back by itself; only a track that asks for too few sets gets one more.
  const sets = Math.max(log.dose.sets, log.usual?.sets ?? 0);
  const isFilled = done.completeSets >= log.dose.sets && done.rows.every((row) => row.reps >= target.reps);
  if (sets >= target.sets || target.seconds !== null || !isFilled) return null;
  const why = reason('gate-another-set', { sets: sets + 1, setsNeeded: target.sets, reps: target.reps }, 'common-practice');
  return {
    verdict: 'move-up',
    change: { lever: 'sets', from: sets, to: sets + 1 },
    dose: { ...log.dose, load: done.load, sets: sets + 1 },
    reasons: [why],
  };
};

/** No stage to earn: load or a setting, once the range is filled in every set. */
const beyond = (log: ExerciseLog, done: WorkDone): Outcome => {
  const top = repsTop(log.dose);
  const lowest = Math.min(...done.rows.map((row) => row.reps));
  const none = reason('gate-none', { variationId: log.variation.id }, 'common-practice');
  if (lowest < top || done.completeSets < log.dose.sets) {
    const within = stay(log, done, [none, reason('within-range', { lowestReps: lowest, repsHigh: top }, 'common-practice')]);
    return climb(log, done, within) ?? within;
  }
  const filled = reason('top-of-range', { sets: done.completeSets, reps: top }, 'common-practice');
  const outcome = log.loads.length > 1 ? stepUp(log, done.load) : (lever(log, done.load, 'harder') ?? stepUp(log, done.load));
  return { ...outcome, reasons: [none, filled, ...outcome.reasons] };
};
