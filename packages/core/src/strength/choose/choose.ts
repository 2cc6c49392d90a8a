import { sdOfStrength } from '../estimator/belief';
import { predict } from '../estimator/predict';
import type { Prediction } from '../estimator/predict';
import type { Belief, ContextOffset } from '../estimator/types';
import { costOf } from './cost';
import type { SetTarget } from './cost';
import { CHOICE } from './params';

/** What the next set is chosen from. */
export interface ChoiceInput {
  belief: Belief;
  fatigue: number;
  target: SetTarget;
  /** External loads the kit makes, lightest first, at least one. */
  loadsKg: readonly number[];
  bodyLoadKg: number;
  /** The load in force; null before the first set. */
  currentKg: number | null;
  /** Whether a rise is held to the careful bound even while little is known. */
  cautious: boolean;
  /** What jumps are judged on: the total moved load where legs are the limit, else the external. */
  jumpOn: 'total' | 'external';
  /** Most the external load may rise at once, as a share; left out: only the rule on moved load. */
  externalRiseMost?: number | undefined;
  /** Whether reps may go past the range before a step that is too big. Not for get-ups, swings or skills. */
  mayGoBeyond: boolean;
  context?: ContextOffset;
}

/** Why a load was kept or taken. */
export type ChoiceKind = 'first' | 'kept' | 'kept-beyond' | 'up' | 'down' | 'searched-same';

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
  const uncertain = sdOfStrength(input.belief) > CHOICE.uncertainSd;
  const { currentKg } = input;
  if (currentKg === null) return best(input, input.loadsKg, uncertain, null);
  const onRack = nearest(input.loadsKg, currentKg);
  const kept = uncertain ? null : keep(input, onRack);
  if (kept) return kept;
  const { rise } = CHOICE;
  const riseLimit = uncertain && !input.cautious ? rise.uncertain : uncertain ? rise.cautious : rise.usual;
  return best(input, withinRise(input, onRack, riseLimit), uncertain, riseLimit, onRack);
};

const ahead = (input: ChoiceInput, loadKg: number): Prediction =>
  predict(input.belief, loadKg + input.bodyLoadKg, input.fatigue, input.context);

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
    riseLimit: rise.usual,
  });
  if (wanted < target.repsLow - rangeSlack) return null;
  if (wanted <= target.repsHigh + rangeSlack) {
    return made(Math.min(target.repsHigh, Math.max(target.repsLow, Math.round(wanted - aimBelow))), 'kept');
  }
  const next = input.loadsKg.find((kg) => kg > loadKg + EPSILON_KG);
  const tooBig = next !== undefined && risen(input, loadKg, next) > rise.usual;
  if (!tooBig || !input.mayGoBeyond || wanted > target.repsHigh + repsBeyond + rangeSlack) return null;
  return made(Math.min(target.repsHigh + repsBeyond, Math.round(wanted - aimBelow)), 'kept-beyond');
};

const risen = ({ jumpOn, bodyLoadKg }: ChoiceInput, fromKg: number, toKg: number): number => {
  const base = fromKg + (jumpOn === 'total' ? bodyLoadKg : 0);
  return base <= 0 ? Infinity : (toKg - fromKg) / base;
};

/** Down is free; up goes as far as the limit, and one step of the kit is always allowed. */
const withinRise = (input: ChoiceInput, fromKg: number, limit: number): readonly number[] => {
  const next = input.loadsKg.find((kg) => kg > fromKg + EPSILON_KG);
  const mostKg = fromKg * (1 + (input.externalRiseMost ?? Infinity));
  return input.loadsKg.filter(
    (kg) => kg <= fromKg + EPSILON_KG || kg === next || (kg <= mostKg && risen(input, fromKg, kg) <= limit + 1e-9),
  );
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
