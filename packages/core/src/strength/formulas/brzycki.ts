import type { RepMaxFormula } from './types';

/** 36 w / (37 − r): without bound towards 37 reps. Source: Brzycki 1993, from memory. */
export const brzycki: RepMaxFormula = {
  id: 'brzycki',
  oneRepMaxKg: (loadKg, reps) => (36 * loadKg) / (37 - reps),
  loadKgFor: (oneRepMaxKg, reps) => (oneRepMaxKg * (37 - reps)) / 36,
  repsAt: (oneRepMaxKg, loadKg) => Math.max(1, 37 - (36 * loadKg) / oneRepMaxKg),
  repsUpTo: 12,
  basis: 'brzycki-1993',
};
