import { cutBy, PAIN_BANDS } from '../../limits';
import { reason } from '../../vocabulary';
import type { CarefulCause, Reason } from '../../vocabulary';
import { carefulCause } from '../estimate-next';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, SecondLook, WorkDone } from '../types';
import { heldLoad } from '../work-done';
import { worstPain } from '../worst-pain';

/** New pain from here on never moves up. */
const NEW_PAIN_FROM = 3;

/**
 * What stands against moving up though the work was done: too sore today, painkillers, pain not asked with a limit there, new or rising
 * pain, pain not known to have settled by morning, sets nobody judged clean where load or a new stage is asked for, or a set that
 * can't be right.
 */
export const mayMoveUp: SecondLook = {
  id: 'may-move-up',
  look: (outcome, log, done) => {
    if (outcome.verdict !== 'move-up') return null;
    const why = against(log) ?? unwatched(outcome, log, done) ?? (outcome.isReturn ? null : tooSoon(outcome, log));
    return why
      ? {
          ...stay(log, { load: heldLoad(log, done) }, [...outcome.reasons, why]),
          memory: outcome.isReturn ? log.memory : outcome.memory,
        }
      : null;
  },
};

/** Sessions somebody careful must show at a load before it rises. House default. */
const CAREFUL_SESSIONS = 2;
/** Nobody pregnant, and nothing this sore, takes a new stage. */
const noNewRung = (log: ExerciseLog): CarefulCause | null =>
  (log.context.careful ?? []).includes('pregnancy')
    ? 'pregnancy'
    : cutBy(log.variation, log.context.limits) !== null
      ? 'limit'
      : null;

const tooSoon = ({ change }: Outcome, log: ExerciseLog): Reason | null => {
  if (change?.lever === 'variation') {
    const held = noNewRung(log);
    return held && reason('no-new-rung', { cause: held }, 'common-practice');
  }
  const cause = carefulCause(log);
  if (cause === null || change?.lever !== 'load') return null;
  const sessions = cleanAt(log, change.from);
  return sessions >= CAREFUL_SESSIONS ? null : reason('careful-waits', { cause, sessions }, 'house-default');
};

/** Sessions running, this one the last, that were clean in every work set at this load or more. */
const cleanAt = (log: ExerciseLog, loadKg: number): number => {
  const all = [...log.past].sort((a, b) => a.day - b.day).map(({ sets }) => sets);
  let running = 0;
  for (const sets of [...all, log.sets].reverse()) {
    const work = sets.filter(({ kind }) => kind === 'work');
    const isGood = work.every(
      (set) => set.clean === 'yes' && set.externalKg >= loadKg - 0.001 && set.faults.every(({ severity }) => severity === 'note'),
    );
    if (work.length === 0 || !isGood) break;
    running += 1;
  }
  return running;
};

const against = (log: ExerciseLog): Reason | null => {
  const [held] = log.holds ?? [];
  if (held) return held;
  const { pain, limits } = log.context;
  const worst = worstPain(log);
  if (pain.painkillers) return reason('painkillers', {}, 'common-practice');
  if (worst === null && limits.length > 0) return reason('pain-not-asked', { limits: limits.length }, 'common-practice');
  if (worst !== null && worst > 0) {
    if (pain.clearedUpTo === null && worst >= NEW_PAIN_FROM) {
      return reason('pain-new', { pain: worst, limit: PAIN_BANDS.safeUpTo }, 'common-practice');
    }
    if (pain.lastTime !== null && worst > pain.lastTime) {
      return reason('pain-rose', { from: pain.lastTime, to: worst }, 'pain-monitoring-thomee');
    }
    if (pain.settledByMorning === false) return reason('pain-not-settled', { pain: worst }, 'pain-monitoring-thomee');
    if (pain.settledByMorning === null && (limits.length > 0 || worst > PAIN_BANDS.safeUpTo)) {
      return reason('pain-morning-unknown', { pain: worst }, 'pain-monitoring-thomee');
    }
  }
  return null;
};

/** Sets nobody watched earn no load and no stage: who trains alone goes on by reps, seconds or a setting meanwhile. */
const unwatched = ({ change }: Outcome, log: ExerciseLog, done: WorkDone): Reason | null => {
  if (change?.lever !== 'load' && change?.lever !== 'variation') return null;
  const all = [...done.rows, ...log.sets.filter(({ kind }) => kind === 'timed')];
  const unjudged = all.find((row) => row.clean === 'not-judged');
  return unjudged ? reason('clean-not-judged', { setIndex: unjudged.setIndex }, 'house-default') : null;
};
