import type { RepMaxFormula } from './types';

/** Straight line: w (1 + 0.025 r). Source: O'Conner et al. 1989, from memory. */
export const oconner: RepMaxFormula = {
  id: 'oconner',
  oneRepMaxKg: (loadKg, reps) => loadKg * (1 + 0.025 * reps),
  loadKgFor: (oneRepMaxKg, reps) => oneRepMaxKg / (1 + 0.025 * reps),
  repsAt: (oneRepMaxKg, loadKg) => Math.max(1, (oneRepMaxKg / loadKg - 1) / 0.025),
  repsUpTo: 12,
  basis: 'oconner-1989',
};
