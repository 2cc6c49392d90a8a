import type { RepMaxFormula } from './types';

/** w r^0.10. Source: Lombardi 1989, from memory. */
export const lombardi: RepMaxFormula = {
  id: 'lombardi',
  oneRepMaxKg: (loadKg, reps) => loadKg * reps ** 0.1,
  loadKgFor: (oneRepMaxKg, reps) => oneRepMaxKg / reps ** 0.1,
  repsAt: (oneRepMaxKg, loadKg) => Math.max(1, (oneRepMaxKg / loadKg) ** 10),
  repsUpTo: 12,
  basis: 'lombardi-1989',
};
