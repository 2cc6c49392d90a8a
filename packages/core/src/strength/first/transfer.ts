import { firstBelief, sdOfStrength } from '../estimator/belief';
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
  bodyLoadKg: { from: number; to: number },
  gainClass: GainClass,
): Belief => {
  const externalKg = Math.max(1, Math.exp(known.mean[X] ?? 0) - bodyLoadKg.from);
  const totalKg = externalKg * by.ratio + bodyLoadKg.to;
  const fresh = firstBelief(totalKg, gainClass);
  const mean = [...fresh.mean];
  const cov = [...fresh.cov];
  mean[X] = Math.log(totalKg);
  mean[KAPPA] = known.mean[KAPPA] ?? mean[KAPPA] ?? 0;
  cov[X * STATES + X] = sdOfStrength(known) ** 2 + (WIDEN * by.sigma) ** 2 + OWN_SD ** 2;
  return { mean, cov };
};
