import type { RepMaxFormula } from './types';

/** 100 w / (101.3 − 2.67123 r). Source: Lander 1985, from memory. */
export const lander: RepMaxFormula = {
  id: 'lander',
  oneRepMaxKg: (loadKg, reps) => (100 * loadKg) / (101.3 - 2.67123 * reps),
  loadKgFor: (oneRepMaxKg, reps) => (oneRepMaxKg * (101.3 - 2.67123 * reps)) / 100,
  repsAt: (oneRepMaxKg, loadKg) => Math.max(1, (101.3 - (100 * loadKg) / oneRepMaxKg) / 2.67123),
  repsUpTo: 12,
  basis: 'lander-1985',
};
