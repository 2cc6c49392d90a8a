import { allowedLoads, positionOf } from '../dose';
import type { Load } from '../kit';
import { heldAs, unaskedPlaces } from '../selection';
import { lifterFor, placeCost, tellingKg } from '../strength';
import { reason } from '../vocabulary';
import type { ExerciseLog, Outcome } from './types';

/**
 * The weight held where more of it can be held: the place whose next weight is the smallest step harder than the heaviest here.
 * Null: none is.
 */
export const heldElsewhere = (log: ExerciseLog, load: Load): Outcome | null => {
  const { variation, values, context, dose } = log;
  const from = positionOf(variation, values);
  const bodyKg = tellingKg(lifterFor(variation, context.person));
  const now = Math.log(load.externalKg + bodyKg);
  const found = unaskedPlaces(variation, context)
    .filter((place) => place !== from)
    .flatMap((place) => {
      const moved = { ...values, 'load-position': place };
      const loads = allowedLoads(context.kit, context.limits, heldAs(variation, moved), moved);
      const hardness = ({ externalKg }: Load) => Math.log(externalKg + bodyKg) + placeCost(place, from);
      const next = loads.find((one) => one.externalKg > load.externalKg && hardness(one) > now);
      return next ? [{ place, next, by: hardness(next) }] : [];
    })
    .sort((a, b) => a.by - b.by)[0];
  if (!found) return null;
  const { place, next } = found;
  return {
    verdict: 'move-up',
    change: { lever: 'load-position', from, to: place },
    dose: { ...dose, load: next, repsAim: dose.repsLow, repsBeyond: 0 },
    values: { ...values, 'load-position': place },
    reasons: [reason('held-elsewhere', { from, to: place, loadKg: next.externalKg }, 'common-practice')],
  };
};
