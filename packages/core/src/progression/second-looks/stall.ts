import { GOAL_DOSES } from '../../dose';
import { isSameMass } from '../../kit';
import { gapKind } from '../../strength';
import { reason } from '../../vocabulary';
import type { Goal } from '../../vocabulary';
import { estimateFor, strengthBySession, withToday } from '../estimate-next';
import { isLike } from '../progress';
import type { ExerciseLog, Outcome, SecondLook } from '../types';

/** Sessions without a rise before something changes, and as many of waiting after it. House default. */
const STALL = { sessions: 3, repsOff: 2, leastReps: 4, mostReps: 15, mostSets: 5, loanSets: 0.6, loanReserve: 4 } as const;
/** A rise of the estimate (log of kg) that is only its own drift between like sessions: 0.3 %. House default. */
const NO_RISE_LOG = 0.003;
/** Goals for which staying put is success. */
const STAYING_IS_SUCCESS = new Set<Goal>(['fat-loss-and-capacity']);

/**
 * Three like sessions with no rise in strength: one change, then three sessions of waiting. First a set more, then another
 * rep range, then one lighter session, which is a loan. Never at the rack's end, never counting the first session after a
 * gap or the first two of a movement, never for somebody who is sparing something. For fat loss and capacity staying put
 * is success.
 */
export const stall: SecondLook = {
  id: 'stall',
  look: (outcome, log) => {
    // On a ladder the gate sets the reps: another range would lead away from it.
    if (outcome.verdict !== 'same-again' || outcome.change !== null || log.method === 'ladder-gate') return null;
    const { memory = {} } = log;
    const waiting = memory.stall?.wait ?? 0;
    if (waiting > 0) {
      return { ...outcome, memory: { ...memory, stall: { answered: memory.stall?.answered ?? 0, wait: waiting - 1 } } };
    }
    const sessions = standingStill(log);
    if (sessions < STALL.sessions || memory.eased) return null;
    const { goal } = log.context.person;
    if (STAYING_IS_SUCCESS.has(goal)) {
      const why = reason('staying-is-success', { goal, sessions }, 'common-practice');
      return { ...outcome, reasons: [...outcome.reasons, why] };
    }
    return answer(outcome, log, sessions);
  },
};

/** Like sessions, this one the last, over which the estimate of strength has not risen; 0 where it can't be told. */
const standingStill = (log: ExerciseLog): number => {
  const { loads, dose } = log;
  const isAtEnd =
    loads.length < 2 ||
    dose.load.externalKg >= (loads.at(-1)?.externalKg ?? 0) - 0.001 ||
    dose.load.externalKg <= (loads[0]?.externalKg ?? 0) + 0.001;
  if (isAtEnd) return 0;
  const all = [...withToday(log)].sort((a, b) => a.day - b.day);
  const last = all.slice(-(STALL.sessions + 1));
  const isWhole = last.length > STALL.sessions && last.every((session) => isLike(log, session));
  const hasGap = last.some(
    (session, at) => at > 0 && gapKind(session.day - (last[at - 1]?.day ?? session.day), null) === 'lay-off',
  );
  if (!isWhole || hasGap) return 0;
  const strengths = strengthBySession(log).slice(-(STALL.sessions + 1));
  const [first, ...rest] = strengths;
  if (first === undefined || rest.length < STALL.sessions) return 0;
  return Math.max(...rest) - first < NO_RISE_LOG ? STALL.sessions : 0;
};

const answer = (outcome: Outcome, log: ExerciseLog, sessions: number): Outcome => {
  const { dose, memory = {} } = log;
  const answered = memory.stall?.answered ?? 0;
  const next = { ...memory, stall: { answered: (answered + 1) % 3, wait: STALL.sessions } };
  const usual = log.usual ?? dose;
  if (answered % 3 === 0 && usual.sets < STALL.mostSets) {
    const sets = usual.sets + 1;
    return {
      ...outcome,
      verdict: 'move-up',
      change: { lever: 'sets', from: usual.sets, to: sets },
      dose: { ...outcome.dose, sets },
      reasons: [...outcome.reasons, reason('stall-set', { sessions, sets }, 'house-default')],
      memory: next,
    };
  }
  const ranged =
    answered % 3 <= 1 && otherRange(outcome, log, sessions, { ...next, stall: { answered: 2, wait: STALL.sessions } });
  if (ranged) return ranged;
  const sets = Math.max(1, Math.round(usual.sets * STALL.loanSets));
  const reserve = Math.max(dose.reserve, STALL.loanReserve);
  return {
    ...outcome,
    reasons: [...outcome.reasons, reason('stall-lighter', { sessions, sets, loadKg: dose.load.externalKg }, 'common-practice')],
    memory: { ...next, loan: { sets, reserve, because: 'stall' } },
  };
};

/** Whether a range lies above where the goal and the movement have it: one step is another range, two are another goal. */
const isAlreadyLonger = ({ dose, variation, context }: ExerciseLog): boolean => {
  const { reps, keepsItsReps } = GOAL_DOSES[context.person.goal];
  const { low } = keepsItsReps ? reps : (variation.repRange ?? reps);
  return dose.repsLow >= low + STALL.repsOff;
};

/**
 * Another rep range with the load it asks for: fewer reps with more load where the belief bears it, else more reps, with less
 * where the belief says so; but never a second step beyond the goal's own. It moves, and never widens. Null where neither is more than what stands.
 */
const otherRange = (outcome: Outcome, log: ExerciseLog, sessions: number, memory: Outcome['memory']): Outcome | null => {
  const { dose } = log;
  const moved = (shift: number) => {
    const repsLow = dose.repsLow + shift;
    return { ...outcome.dose, repsLow, repsHigh: dose.repsHigh + shift, repsBeyond: 0, repsAim: undefined };
  };
  const told = ({ repsLow, repsHigh }: Outcome['dose']) =>
    reason('stall-range', { sessions, repsLow, repsHigh }, 'common-practice');
  if (dose.repsLow - STALL.repsOff >= STALL.leastReps) {
    const heavier = moved(-STALL.repsOff);
    const next = estimateFor({ ...log, past: withToday(log) }, heavier, log.day);
    const load = log.loads.find(({ externalKg }) => next !== null && isSameMass(externalKg, next.loadKg));
    if (next && load && load.externalKg > dose.load.externalKg + 0.001) {
      const change = { lever: 'load', from: dose.load.externalKg, to: load.externalKg } as const;
      const filled = { ...heavier, load, repsAim: next.reps };
      return { ...outcome, verdict: 'move-up', change, dose: filled, reasons: [...outcome.reasons, told(filled)], memory };
    }
  }
  if (dose.repsHigh + STALL.repsOff > STALL.mostReps || isAlreadyLonger(log)) return null;
  const longer = moved(STALL.repsOff);
  const next = estimateFor({ ...log, past: withToday(log) }, longer, log.day);
  const load = log.loads.find(({ externalKg }) => next !== null && isSameMass(externalKg, next.loadKg));
  const reasons = [...outcome.reasons, told(longer)];
  if (next && load && load.externalKg < dose.load.externalKg - 0.001) {
    // More reps than the load bears are asked for with less of it.
    const change = { lever: 'load', from: dose.load.externalKg, to: load.externalKg } as const;
    return { ...outcome, verdict: 'ease-back', change, dose: { ...longer, load, repsAim: next.reps }, reasons, memory };
  }
  const change = { lever: 'reps', from: dose.repsHigh, to: longer.repsHigh } as const;
  return { ...outcome, verdict: 'move-up', change, dose: longer, reasons, memory };
};
