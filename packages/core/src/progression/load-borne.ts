import type { Variation } from '../catalogue';
import type { Dose } from '../dose';
import { carryOver, gainClassOf, leftSince, lifterFor, newestLift, tellingKg } from '../strength';
import { replayedFor, sidesOf } from './estimate-next';
import type { EstimateFrom } from './estimate-next';

/**
 * External load of another movement, kg, that what is believed of this one bears for a range and its reserve: one deviation
 * down, of two legs by the weaker. `by`: how the external loads of the two compare, and the spread of that in log load.
 * Null where this one's sets and known lifts say nothing.
 */
export const loadBorne = (
  from: Pick<EstimateFrom, 'variation' | 'dose' | 'past' | 'context'>,
  to: Variation,
  by: { ratio: number; sigma: number },
  target: Pick<Dose, 'repsLow' | 'reserve'>,
): number | null => {
  const { variation, context } = from;
  const lifters = { from: lifterFor(variation, context.person), to: lifterFor(to, context.person) };
  const borne = sidesOf(from).flatMap((side): number[] => {
    const { history, at } = replayedFor(from, side);
    const lift = newestLift(context.person.known, variation.id);
    if (history.length === 0 && !lift) return [];
    const { belief } = at;
    const lost = history.length === 0 && lift ? -Math.log(leftSince(lift)) : 0;
    const carried = carryOver(belief, by, lifters, gainClassOf(context.person));
    const low = Math.exp((carried.mean[0] ?? 0) - lost - Math.sqrt(carried.cov[0] ?? 0));
    return [low / (1 + (target.repsLow + target.reserve) / Math.exp(carried.mean[3] ?? 0)) - tellingKg(lifters.to)];
  });
  return borne.length === 0 ? null : Math.min(...borne);
};
