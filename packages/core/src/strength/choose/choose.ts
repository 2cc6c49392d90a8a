import { sdOfLoadFor } from '../estimator/belief';
import { kOf, predict } from '../estimator/predict';
import type { Prediction } from '../estimator/predict';
import type { Belief, ContextOffset } from '../estimator/types';
import { costOf } from './cost';
import type { SetTarget } from './cost';
import { CHOICE } from './params';

/** How far a load may rise in one session: by a share of it, or by one step of the kit. */
export type SessionRise = { by: 'share'; most: number } | { by: 'step' };

/** A clean set: its external load, and the reps that were done and said to be left. */
export interface ShownSet {
  loadKg: number;
  reps: number;
}

/** What the next set is chosen from. */
export interface ChoiceInput {
  belief: Belief;
  fatigue: number;
  target: SetTarget;
  /** External loads the kit makes, lightest first, at least one. */
  loadsKg: readonly number[];
  bodyLoadKg: number;
  /** What of it tells in the reps, kg. */
  tellingKg: number;
  /** Reps to failure the last clean sets showed, by load; empty: nothing to hold a rise to. */
  shown: readonly ShownSet[];
  /** Whether the last sets were all said to leave the scale's top or more: however sure the belief, nothing shows an end. */
  isOpenEnded: boolean;
  /** What the last clean sets showed at least, reports at the scale's top among them. */
  atLeast: readonly ShownSet[];
  /** The load in force; null before the first set. */
  currentKg: number | null;
  /** What jumps are judged on: the total moved load where legs are the limit, else the external. */
  jumpOn: 'total' | 'external';
  /** Heaviest clean load of the last session; null: none. What a session's rise is counted from. */
  sessionKg: number | null;
  /** Most the external load may rise from session to session once the lift is known; a kit step is always allowed. */
  sessionRise?: SessionRise | undefined;
  /** Whether reps may go past the range before a step that is too big. Not for get-ups, swings or skills. */
  mayGoBeyond: boolean;
  context?: ContextOffset;
}

/** Why a load was kept or taken. */
export type ChoiceKind = 'first' | 'kept' | 'kept-beyond' | 'up' | 'down' | 'searched-same' | 'probe' | 'open-ended';

/** A load and reps for the next set, with what they rest on. */
export interface Choice {
  loadKg: number;
  reps: number;
  kind: ChoiceKind;
  prediction: Prediction;
  /** Whether the one-rep maximum was still too unsure to hold the load still. */
  uncertain: boolean;
  /** The largest rise that was allowed, as a share; null when no load was in force. */
  riseLimit: number | null;
}

const EPSILON_KG = 0.0005;

/**
 * Chooses load and reps. While strength is unsure, or the reps leave the range, every load of the kit within the
 * allowed rise is weighed; otherwise the load stays and the reps follow. Reps climb, then load.
 */
export const chooseSet = (input: ChoiceInput): Choice => {
  const { currentKg, target } = input;
  const reps = (target.repsLow + target.repsHigh) / 2 + target.reserve;
  const uncertain = input.isOpenEnded || sdOfLoadFor(input.belief, reps) > CHOICE.uncertainSd;
  if (currentKg === null) return best(input, input.loadsKg, uncertain, null);
  const onRack = nearest(input.loadsKg, currentKg);
  const kept = uncertain ? null : keep(input, onRack);
  if (kept) return kept;
  const within = withinRise(input, onRack, uncertain);
  const weighed = best(input, within, uncertain, CHOICE.rise, onRack);
  return openEndedUp(input, within, onRack, weighed) ?? weighed;
};

/**
 * While every report says “that many or more”, the belief has no upper end to go by and would creep: the load goes up, within
 * a set's bound, as far as those sets show at least for the least reps asked with the reserve wanted.
 */
const openEndedUp = (input: ChoiceInput, within: readonly number[], fromKg: number, weighed: Choice): Choice | null => {
  if (!input.isOpenEnded || input.atLeast.length === 0) return null;
  const loadKg = within.findLast((kg) => kg > fromKg + EPSILON_KG && showsFor(input, input.atLeast, kg, 0));
  if (loadKg === undefined || loadKg <= weighed.loadKg + EPSILON_KG) return null;
  const { target } = input;
  const reps = range(target.repsLow, target.repsHigh).findLast((asked) =>
    showsFor(input, input.atLeast, loadKg, asked - target.repsLow),
  );
  return { ...weighed, loadKg, reps: reps ?? target.repsLow, kind: 'open-ended', prediction: ahead(input, loadKg) };
};

const range = (low: number, high: number): number[] => Array.from({ length: high - low + 1 }, (_, at) => low + at);

const ahead = (input: ChoiceInput, loadKg: number): Prediction =>
  predict(input.belief, loadKg + input.tellingKg, input.fatigue, input.context);

/** The load stays while the best reps lie in the range, or past it while the next step is too big. */
const keep = (input: ChoiceInput, loadKg: number): Choice | null => {
  const { target } = input;
  const prediction = ahead(input, loadKg);
  const wanted = prediction.reps - target.reserve;
  const { aimBelow, rangeSlack, repsBeyond, rise } = CHOICE;
  const made = (reps: number, kind: ChoiceKind): Choice => ({
    loadKg,
    reps,
    kind,
    prediction,
    uncertain: false,
    riseLimit: rise,
  });
  if (wanted < target.repsLow - rangeSlack) return null;
  if (wanted <= target.repsHigh + rangeSlack) {
    return made(Math.min(target.repsHigh, Math.max(target.repsLow, Math.round(wanted - aimBelow))), 'kept');
  }
  const next = input.loadsKg.find((kg) => kg > loadKg + EPSILON_KG);
  const tooBig = next !== undefined && risen(input, loadKg, next) > rise;
  if (!tooBig || !input.mayGoBeyond || wanted > target.repsHigh + repsBeyond + rangeSlack) return null;
  return made(Math.min(target.repsHigh + repsBeyond, Math.round(wanted - aimBelow)), 'kept-beyond');
};

const risen = ({ jumpOn, bodyLoadKg }: ChoiceInput, fromKg: number, toKg: number): number => {
  const base = fromKg + (jumpOn === 'total' ? bodyLoadKg : 0);
  return base <= 0 ? Infinity : (toKg - fromKg) / base;
};

/**
 * Down is free. Up goes as far as a set's bound and, once the lift is known, the session's; one step of the kit is always
 * allowed, a big one only to somebody who could do two reps past the range's top with what is held now.
 */
const withinRise = (input: ChoiceInput, fromKg: number, uncertain: boolean): readonly number[] => {
  const next = input.loadsKg.find((kg) => kg > fromKg + EPSILON_KG);
  const mostKg = uncertain ? Infinity : sessionMost(input);
  return input.loadsKg.filter((kg) => {
    if (kg <= fromKg + EPSILON_KG) return true;
    if (!isShown(input, kg)) return false;
    if (risen(input, fromKg, kg) <= CHOICE.rise + 1e-9) return kg <= mostKg + EPSILON_KG;
    return kg === next && kg <= mostKg + EPSILON_KG && isPastTheTop(input, fromKg);
  });
};

/** The heaviest load one session may reach. */
const sessionMost = ({ sessionKg, sessionRise, loadsKg }: ChoiceInput): number => {
  if (sessionKg === null || !sessionRise) return Infinity;
  const step = loadsKg.find((kg) => kg > sessionKg + EPSILON_KG) ?? sessionKg;
  return sessionRise.by === 'step' ? step : Math.max(step, sessionKg * (1 + sessionRise.most));
};

const isPastTheTop = (input: ChoiceInput, fromKg: number): boolean => {
  const { target, mayGoBeyond } = input;
  if (!mayGoBeyond) return true;
  return ahead(input, fromKg).reps - target.reserve >= target.repsHigh + CHOICE.repsBeyond - CHOICE.rangeSlack;
};

/**
 * Whether the last clean sets show that a load can be done for the least reps asked with the reserve wanted: a rise is
 * never a matter of belief alone.
 */
const isShown = (input: ChoiceInput, toKg: number): boolean =>
  input.shown.length === 0 || showsFor(input, input.shown, toKg, -CHOICE.shownSlack);

/** Whether any of these sets is as hard as the least reps asked, and `moreReps`, with the reserve wanted at a load. */
const showsFor = (
  { target, tellingKg, belief }: ChoiceInput,
  sets: readonly ShownSet[],
  toKg: number,
  moreReps: number,
): boolean => {
  const k = kOf(belief);
  const wanted = (toKg + tellingKg) * (1 + (target.repsLow + target.reserve + moreReps) / k);
  return sets.some(({ loadKg, reps }) => (loadKg + tellingKg) * (1 + reps / k) >= wanted - EPSILON_KG);
};

const nearest = (loadsKg: readonly number[], kg: number): number =>
  loadsKg.reduce((best, load) => (Math.abs(load - kg) < Math.abs(best - kg) ? load : best), loadsKg[0] ?? 0);

const best = (
  input: ChoiceInput,
  loadsKg: readonly number[],
  uncertain: boolean,
  riseLimit: number | null,
  currentKg: number | null = null,
): Choice => {
  const { target } = input;
  let found: { choice: Choice; cost: number } | null = null;
  let held: { choice: Choice; cost: number } | null = null;
  for (const loadKg of loadsKg) {
    const prediction = ahead(input, loadKg);
    for (let reps = target.repsLow; reps <= target.repsHigh; reps += 1) {
      const cost = costOf(prediction, reps, target);
      const isHeld = currentKg !== null && Math.abs(loadKg - currentKg) < EPSILON_KG;
      if (found && cost >= found.cost - 1e-12 && !(isHeld && (!held || cost < held.cost))) continue;
      const choice: Choice = { loadKg, reps, kind: kindOf(loadKg, currentKg), prediction, uncertain, riseLimit };
      if (!found || cost < found.cost - 1e-12) found = { choice, cost };
      if (isHeld && (!held || cost < held.cost)) held = { choice, cost };
    }
  }
  // Loads and reps are never empty: the caller's contract.
  if (!found) throw new Error('chooseSet needs at least one load and a rep range');
  return held && held.cost <= found.cost + CHOICE.keepWithin ? held.choice : found.choice;
};

const kindOf = (loadKg: number, currentKg: number | null): ChoiceKind => {
  if (currentKg === null) return 'first';
  if (loadKg > currentKg + EPSILON_KG) return 'up';
  return loadKg < currentKg - EPSILON_KG ? 'down' : 'searched-same';
};
