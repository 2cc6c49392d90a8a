import type { RepMaxFormula } from './types';

/** Straight line: w (1 + r/30); one rep is the maximum itself. Source: Epley 1985, from memory. */
export const epley: RepMaxFormula = {
  id: 'epley',
  oneRepMaxKg: (loadKg, reps) => (reps <= 1 ? loadKg : loadKg * (1 + reps / 30)),
  loadKgFor: (oneRepMaxKg, reps) => (reps <= 1 ? oneRepMaxKg : oneRepMaxKg / (1 + reps / 30)),
  repsAt: (oneRepMaxKg, loadKg) => Math.max(1, 30 * (oneRepMaxKg / loadKg - 1)),
  repsUpTo: 12,
  basis: 'epley-1985',
};
