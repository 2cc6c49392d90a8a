import type { RepMaxFormula } from './types';

const shareAt = (reps: number): number => 52.2 + 41.9 * Math.exp(-0.055 * reps);

/** 100 w / (52.2 + 41.9 e^(−0.055 r)). Source: Mayhew et al. 1992, from memory. Loads at or under 52.2 % have no end of reps. */
export const mayhew: RepMaxFormula = {
  id: 'mayhew',
  oneRepMaxKg: (loadKg, reps) => (100 * loadKg) / shareAt(reps),
  loadKgFor: (oneRepMaxKg, reps) => (oneRepMaxKg * shareAt(reps)) / 100,
  repsAt: (oneRepMaxKg, loadKg) => {
    const over = (100 * loadKg) / oneRepMaxKg - 52.2;
    return over <= 0 ? Infinity : Math.max(1, Math.log(over / 41.9) / -0.055);
  },
  repsUpTo: 15,
  basis: 'mayhew-1992',
};
