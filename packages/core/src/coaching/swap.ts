import type { Variation } from '../catalogue';
import { firstDose, loadsForVariation } from '../dose';
import type { Dose } from '../dose';
import { snapDown } from '../kit';
import { askFor, estimateFor, historyOf } from '../progression';
import type { EstimateFrom, JudgeContext, PastExercise } from '../progression';
import {
  carryOver,
  FEELER_FROM_SIGMA,
  FEELERS,
  earnedLift,
  gainClassOf,
  guessKg,
  isEstimable,
  lifterFor,
  newestLift,
  nextWorkSet,
  ratioBetween,
  replay,
} from '../strength';
import { takenOn } from '../selection';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** Another movement in place of one that can't be done now, with its dose and how its load was found. */
export interface Swapped {
  variationId: string;
  dose: Dose;
  /** Feeler sets, where the load could only be guessed. */
  feelers: number;
  reasons: readonly Reason[];
}

/**
 * The dose of a stand-in: sets, reserve and rest as they were; the load from its own history where there is one, from
 * a close relative by ratio, else a guess that feeler sets check.
 */
export const swapTo = (
  from: EstimateFrom,
  movement: Variation,
  day: number,
  pastOfTo: readonly PastExercise[],
  context: JudgeContext = from.context,
): Swapped => {
  const { variation: to, values } = takenOn(movement, {}, context);
  const loads = loadsForVariation(context.kit, to);
  const first = firstDose(context.person, to, context.kit).dose;
  const dose: Dose = { ...first, sets: from.dose.sets, reserve: from.dose.reserve, restSeconds: from.dose.restSeconds };
  const own = estimateFor({ variation: to, values, dose, loads, context, past: pastOfTo }, dose, day);
  const make = (loadKg: number, reps: number | undefined, reasons: readonly Reason[], feelers: number): Swapped => ({
    variationId: to.id,
    dose: { ...dose, load: snapDown(loads, loadKg) ?? dose.load, repsAim: reps },
    feelers,
    reasons,
  });
  if (own) return make(own.loadKg, own.reps, own.reasons, 0);
  const related = relatedLoad(
    from,
    to,
    dose,
    day,
    loads.map(({ externalKg }) => externalKg),
    context,
  );
  if (related) return make(related.loadKg, related.reps, related.reasons, 0);
  const isLoaded =
    isEstimable(to) && guessKg(to, context.person) > 0 && loads.length > 1 && !earnedLift(context.person.known, to.id);
  const why = reason('feelers-first', { sets: FEELERS.sets, guessKg: Math.round(guessKg(to, context.person)) }, 'strength-model');
  return make(first.load.externalKg, undefined, isLoaded ? [why] : [], isLoaded ? FEELERS.sets : 0);
};

const relatedLoad = (
  from: EstimateFrom,
  to: Variation,
  dose: Dose,
  day: number,
  loadsKg: readonly number[],
  context: JudgeContext,
): { loadKg: number; reps: number; reasons: Reason[] } | null => {
  const by = ratioBetween(from.variation.id, to.id);
  const history = historyOf(from, 'both');
  const isKnown = newestLift(context.person.known, to.id) !== null;
  if (!by || by.sigma >= FEELER_FROM_SIGMA || history.length === 0 || loadsKg.length === 0 || isKnown) return null;
  const lifter = lifterFor(from.variation, context.person);
  const lifters = { from: lifter, to: lifterFor(to, context.person) };
  const { belief } = replay(history, lifter);
  const prior = carryOver(belief, by, lifters, gainClassOf(context.person));
  const ask = askFor({ ...from, variation: to, loads: [], past: [] }, dose, day);
  const { loadKg, reps, reasons } = nextWorkSet([], { ...ask, loadsKg, prior });
  const values = { variationId: from.variation.id, ratio: Math.round(by.ratio * 100) / 100, loadKg };
  return { loadKg, reps, reasons: [reason('load-from-relative', values, 'common-practice'), ...reasons] };
};
