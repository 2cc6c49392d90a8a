import type { SetId, TrainingAge } from '../vocabulary';
import { LONE_CURVE } from './curve';
import type { RepCurve } from './curve';
import type { Belief, ContextOffset } from './estimator/types';

/** One set done. `loadKg` is external; a `reserve` at the cap means that many or more; null: nobody said. */
export interface DoneSet {
  loadKg: number;
  plannedReps: number;
  reps: number;
  reserve: number | null;
  failed: boolean;
  /** Whether form held; left out: it did. Only clean sets carry a rise. */
  isClean?: boolean;
  /** Whether nobody judged it, and no fault was seen: neither clean nor unclean. */
  isUnwatched?: boolean;
  /** The log's own id, so that an explanation can lead back to the very set. */
  setId?: SetId;
  /** A feeler or another set on the way up: it informs, but isn't the load in force. */
  isLeadIn?: boolean;
  /** Ended by grip or pain, a drop after the first, or under other conditions: the legs could do at least this. */
  onlyAtLeast?: boolean;
  /** What this set's tempo or range cost against the usual one, in log load. */
  context?: ContextOffset;
  /** Fatigue from other exercises before it that share muscle, in sets. */
  sharedFatigue?: number;
  /** How much of the earlier sets' fatigue was still there, by the rest before it; 1 at the usual rest. */
  fatigueScale?: number;
  /** Share of body mass that moved that day, where it differs from the lifter's. */
  bodyLoadKg?: number;
  /** Top of the scale reserve was asked on, where it differs from the usual one (feeler sets: 10). */
  reserveCap?: number;
}

/** A session's sets of one exercise, in the order they were done. `day`: whole days on any one clock. */
export interface PastSession {
  day: number;
  sets: readonly DoneSet[];
}

/** What the estimator needs to know besides the sets. */
export interface Lifter {
  startLoadKg: number;
  trainingAge: TrainingAge;
  reserveCap: number;
  /** Share of body mass that moves with the load, in kg. */
  bodyLoadKg: number;
  /** How its reps fall as load rises; left out: a bar's. */
  curve?: RepCurve;
  /** Whether the movement is new to the person, so that skill adds to the trend at first. */
  isNewToMovement?: boolean;
  /** How far off the first guess may be, log load; left out: the usual. */
  startSd?: number;
  /** The number this person gives whatever was left, found across their lifts: such a report counts as none. */
  habitReserve?: number | undefined;
  /** What a related or a known lift says, instead of the guess. */
  prior?: Belief;
  /** The day the prior is of, where it is of one; it counts for nothing that was logged before it. */
  priorDay?: number;
}

/** The movement's curve, a bar's where nobody named it. */
export const curveFor = ({ curve }: Pick<Lifter, 'curve'>): RepCurve => curve ?? LONE_CURVE;

/** What body mass adds to the load that reps follow, kg. `thatDay`: the share that moved on another day. */
export const tellingKg = (lifter: Pick<Lifter, 'bodyLoadKg' | 'curve'>, thatDay: number = lifter.bodyLoadKg): number =>
  curveFor(lifter).bodyTells * thatDay;

/** Whether a set can be read at all: it moved something, and was done at least once or missed. */
export const isReadable = (
  { loadKg, reps, failed, bodyLoadKg: thatDay }: DoneSet,
  lifter: Pick<Lifter, 'bodyLoadKg' | 'curve'>,
): boolean =>
  Number.isFinite(loadKg) &&
  Number.isFinite(reps) &&
  loadKg >= 0 &&
  (reps > 0 || (failed && reps === 0)) &&
  loadKg + tellingKg(lifter, thatDay) > 0;
