import { firstBelief, sdOfStrength } from '../estimator/belief';
import { curveFor, tellingKg } from '../history';
import type { Lifter } from '../history';
import { KAPPA, STATES, X } from '../estimator/types';
import type { Belief, GainClass } from '../estimator/types';

/** Spread a relation gets on top of its own, in log load: no two lifts are one. */
const OWN_SD = 0.05;
/** How much wider than its printed spread a relation is taken to be. */
const WIDEN = 1.5;
/**
 * What a known lift says of a related one. Ratios are of external loads: the one-rep maximum is taken to external,
 * scaled, and back to total moved load with the new lift's own share of body mass.
 */
export const carryOver = (
  known: Belief,
  by: { ratio: number; sigma: number },
  lifters: { from: Lifter; to: Lifter },
  gainClass: GainClass,
): Belief => {
  const externalKg = Math.max(1, Math.exp(known.mean[X] ?? 0) - tellingKg(lifters.from));
  const totalKg = externalKg * by.ratio + tellingKg(lifters.to);
  const curve = curveFor(lifters.to);
  const fresh = firstBelief(totalKg, gainClass, curve);
  const mean = [...fresh.mean];
  const cov = [...fresh.cov];
  mean[X] = Math.log(totalKg);
  // What is known of the person's own k goes along; the movements' usual ones differ.
  mean[KAPPA] = Math.log(curve.k) + (known.mean[KAPPA] ?? 0) - Math.log(curveFor(lifters.from).k);
  cov[X * STATES + X] = sdOfStrength(known) ** 2 + (WIDEN * by.sigma) ** 2 + OWN_SD ** 2;
  return { mean, cov };
};
