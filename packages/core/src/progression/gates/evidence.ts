import type { SessionId } from '../../vocabulary';
import type { Gate, Variation } from '../../catalogue';
import { loadsForVariation, repsTop } from '../../dose';
import type { Dose } from '../../dose';
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
  sessionId: SessionId;
  day: number;
  /** Sets that count, whole on every side. */
  sets: number;
  isMet: boolean;
  /** Whether it cleared the load asked for by so much that one session is enough. */
  isAmple?: boolean;
  /** The sets behind it, as logged: of two sides the one that did less. */
  did?: readonly GateSet[];
}

/** One set as it was logged: reps or seconds, and the external load. */
export interface GateSet {
  reps: number | null;
  seconds: number | null;
  externalKg: number;
}

/**
 * What the movement's own belief says of a gate after a session: that its reps could be done at its load, or at a third
 * more; `none`: neither, or nothing to say.
 */
export type Strength = 'none' | 'enough' | 'ample';

/** Over the gate's load by so much one session is enough. */
export const AMPLE = 4 / 3;

/** Arms that give out with this much in reserve in the legs have met the load. Basis: common practice. */
const ARMS_RESERVE = 3;

/** A rack that ends at this share of what a gate asks for, or over, shows it at its end. */
const RACK_ENDS_FROM = 0.8;

/**
 * A gate in numbers: `top` and `low` become the ends of the range; a share of body mass its kg, the rack's heaviest where the
 * rack ends just under it. Body mass unknown: the load is not asked for.
 */
export const gateTarget = (
  gate: Gate,
  variation: Variation,
  dose: { repsLow: number; repsHigh: number; repsBeyond: number },
  kit: Kit,
  bodyMassKg: number | null,
): GateTarget => ({
  sets: gate.sets,
  reps: gate.reps === 'top' ? repsTop(dose) : gate.reps === 'low' ? dose.repsLow : gate.reps,
  seconds: gate.seconds ?? null,
  loadKg: gate.bodyMassShare === undefined || bodyMassKg === null ? null : gateLoadKg(gate, variation, kit, bodyMassKg),
  sessions: gate.sessions,
});

const gateLoadKg = (
  { bodyMassShare = 0, mostKg = Infinity }: Gate,
  variation: Variation,
  kit: Kit,
  bodyMassKg: number,
): number => {
  const wantedKg = Math.floor(2 * Math.min(mostKg, bodyMassShare * bodyMassKg)) / 2;
  const heaviestKg = loadsForVariation(kit, variation).at(-1)?.externalKg ?? 0;
  return heaviestKg < wantedKg && heaviestKg >= RACK_ENDS_FROM * wantedKg ? heaviestKg : wantedKg;
};

/** Clean: judged so, and no fault above a note. */
const isClean = (set: SetRecord): boolean =>
  set.clean === 'yes' && set.faults.every(({ severity }) => severity === 'note') && set.endedBy !== 'form';

const counts = (set: SetRecord, target: GateTarget, k: number, bodyKg: number, strength: Strength): boolean => {
  if (!isClean(set) || set.endedBy === 'pain' || isDoubtful(set)) return false;
  if (target.seconds !== null) return set.seconds !== null && set.seconds >= target.seconds;
  if (set.reps === null) return false;
  if (strength !== 'none' && set.endedBy !== 'failure' && set.reps > 0) return true;
  const gripMet = set.endedBy === 'grip' && (set.reserve ?? 0) >= ARMS_RESERVE;
  if (target.loadKg === null) return set.reps >= target.reps || gripMet;
  // A lighter load shows it by strength only.
  if (set.externalKg < target.loadKg - 0.001) return gripMet;
  return gripMet || repsAt(k, target.loadKg + bodyKg, set.externalKg + bodyKg, set.reps) >= target.reps - 1e-9;
};

/** Reps a lighter load would have allowed for the same effort, by the movement's usual k. */
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

/** The work of a session, a line a set. */
export const doneIn = (sets: readonly SetRecord[]): GateSet[] => {
  const lines = new Map<number, GateSet>();
  for (const { kind, setIndex, reps, seconds, externalKg, removed } of sets) {
    if (removed || (kind !== 'work' && kind !== 'timed')) continue;
    const other = lines.get(setIndex);
    const isLess = !other || (reps ?? seconds ?? 0) < (other.reps ?? other.seconds ?? 0);
    if (isLess) lines.set(setIndex, { reps, seconds, externalKg });
  }
  return [...lines].sort(([a], [b]) => a - b).map(([, line]) => line);
};

/**
 * What each judged session showed toward a gate, oldest first: all the sets its sheet had, at least two, and no more than
 * the gate asks for. One-sided sets count when both sides do.
 */
export const gateEvidence = (
  sessions: readonly (Pick<PastExercise, 'sessionId' | 'day' | 'sets'> & { dose?: Pick<Dose, 'sets'>; strength?: Strength })[],
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
    .flatMap(({ sessionId, day, sets, dose, strength = 'none' }) => {
      const good = new Map<number, number>();
      const counted = sets.filter(
        (set) => (set.kind === 'work' || set.kind === 'timed') && counts(set, target, k, bodyKg, strength),
      );
      for (const { setIndex } of counted) good.set(setIndex, (good.get(setIndex) ?? 0) + 1);
      const whole = [...good.values()].filter((count) => count >= sides).length;
      const isMet = whole >= setsToShow(target, dose);
      // A sheet with a single set shows no gate; done well it breaks no row.
      if (dose && dose.sets < LEAST_SETS && whole >= dose.sets) return [];
      const { loadKg } = target;
      const isHeavy = loadKg !== null && counted.every(({ externalKg }) => externalKg >= AMPLE * loadKg - 0.001);
      const did = doneIn(sets);
      return {
        sessionId,
        day,
        sets: whole,
        isMet,
        did,
        ...(isMet && (isHeavy || strength === 'ample') ? { isAmple: true } : {}),
      };
    });
};

/** Sessions in a row, up to the last one, that showed the gate. */
export const sessionsMet = (evidence: readonly GateEvidence[]): number => {
  let met = 0;
  for (let at = evidence.length - 1; at >= 0 && evidence[at]?.isMet; at -= 1) met += 1;
  return met;
};

/** Whether a gate is shown: in enough sessions running, or amply in the last one. */
export const isShown = (evidence: readonly GateEvidence[], { sessions }: Pick<GateTarget, 'sessions'>): boolean =>
  sessionsMet(evidence) >= sessions || (evidence.at(-1)?.isAmple ?? false);
