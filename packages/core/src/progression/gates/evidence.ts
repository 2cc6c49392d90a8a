import type { Gate, Variation } from '../../catalogue';
import { loadsForVariation, repsTop } from '../../dose';
import type { Dose } from '../../dose';
import { snapDown } from '../../kit';
import type { Kit } from '../../kit';
import { isDoubtful } from '../../log';
import type { SetRecord } from '../../log';
import { curveOf } from '../../strength';
import { isPerSide } from '../../vocabulary';
import type { PastExercise } from '../types';

/** What a gate asks of this person with this rack. */
export interface GateTarget {
  sets: number;
  reps: number;
  seconds: number | null;
  /** External kg; null: any. */
  loadKg: number | null;
  sessions: number;
}

/** What one session showed toward a gate. */
export interface GateEvidence {
  sessionId: string;
  day: number;
  /** Sets that count, whole on every side. */
  sets: number;
  isMet: boolean;
}

/** Arms that give out with this much in reserve in the legs have met the load. Basis: common practice. */
const ARMS_RESERVE = 3;

/**
 * A gate in numbers: `top` becomes the top of the range, a share of body mass the rack's nearest load not above it, or
 * the heaviest there is, if that is less. Body mass unknown: the load is not asked for.
 */
export const gateTarget = (
  gate: Gate,
  variation: Variation,
  dose: { repsHigh: number; repsBeyond: number },
  kit: Kit,
  bodyMassKg: number | null,
): GateTarget => {
  const loads = loadsForVariation(kit, variation);
  const loadKg =
    gate.bodyMassShare === undefined || bodyMassKg === null
      ? null
      : (snapDown(loads, gate.bodyMassShare * bodyMassKg)?.externalKg ?? null);
  return {
    sets: gate.sets,
    reps: gate.reps === 'top' ? repsTop(dose) : gate.reps,
    seconds: gate.seconds ?? null,
    loadKg,
    sessions: gate.sessions,
  };
};

/** Clean: judged so, and no fault above a note. */
const isClean = (set: SetRecord): boolean =>
  set.clean === 'yes' && set.faults.every(({ severity }) => severity === 'note') && set.endedBy !== 'form';

const counts = (set: SetRecord, target: GateTarget, k: number, bodyKg: number): boolean => {
  if (!isClean(set) || set.endedBy === 'pain' || isDoubtful(set)) return false;
  if (target.seconds !== null) return set.seconds !== null && set.seconds >= target.seconds;
  if (set.reps === null) return false;
  const gripMet = set.endedBy === 'grip' && (set.reserve ?? 0) >= ARMS_RESERVE;
  if (target.loadKg === null) return set.reps >= target.reps || gripMet;
  return gripMet || repsAt(k, target.loadKg + bodyKg, set.externalKg + bodyKg, set.reps) >= target.reps - 1e-9;
};

/**
 * Reps another load would have allowed for the same effort, by the movement's usual k; more load counts for more reps,
 * less for fewer.
 */
const repsAt = (k: number, wantedKg: number, doneKg: number, reps: number): number =>
  wantedKg <= 0 || Math.abs(wantedKg - doneKg) < 0.001 ? reps : k * ((doneKg * (1 + reps / k)) / wantedKg - 1);

/** Fewest sets a session must show, however few its sheet had. */
const LEAST_SETS = 2;

/** Sets that show a gate on a sheet with so many: all of them, at least two, and no more than the gate asks for. */
export const setsToShow = ({ sets }: Pick<GateTarget, 'sets'>, dose: Pick<Dose, 'sets'> | undefined): number =>
  Math.min(sets, Math.max(LEAST_SETS, dose?.sets ?? sets));

/** Whether anybody judged a session's sets, or a fault was seen. One that nobody looked at shows nothing, and breaks no row. */
export const isJudged = ({ sets }: Pick<PastExercise, 'sets'>): boolean => {
  const work = sets.filter(({ kind }) => kind === 'work' || kind === 'timed');
  return work.length === 0 || work.some(({ clean, faults }) => clean !== 'not-judged' || faults.length > 0);
};

/**
 * What each judged session showed toward a gate, oldest first: all the sets its sheet had, at least two, and no more than
 * the gate asks for. One-sided sets count when both sides do.
 */
export const gateEvidence = (
  sessions: readonly (Pick<PastExercise, 'sessionId' | 'day' | 'sets'> & { dose?: Pick<Dose, 'sets'> })[],
  target: GateTarget,
  variation: Variation,
  bodyMassKg: number | null,
): GateEvidence[] => {
  const sides = isPerSide(variation.stance) ? 2 : 1;
  const { k, bodyTells } = curveOf(variation);
  const bodyKg = bodyTells * variation.bodyMassShare * (bodyMassKg ?? 0);
  return sessions
    .filter(isJudged)
    .sort((a, b) => a.day - b.day)
    .map(({ sessionId, day, sets, dose }) => {
      const good = new Map<number, number>();
      for (const set of sets) {
        if ((set.kind === 'work' || set.kind === 'timed') && counts(set, target, k, bodyKg)) {
          good.set(set.setIndex, (good.get(set.setIndex) ?? 0) + 1);
        }
      }
      const whole = [...good.values()].filter((count) => count >= sides).length;
      return {
        sessionId,
        day,
        sets: whole,
        isMet: whole >= Math.min(target.sets, Math.max(LEAST_SETS, dose?.sets ?? target.sets)),
      };
    });
};

/** Sessions in a row, up to the last one, that showed the gate. */
export const sessionsMet = (evidence: readonly GateEvidence[]): number => {
  let met = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) met += 1;
  return met;
};
