import type { RepMaxFormula } from './types';

const shareAt = (reps: number): number => 48.8 + 53.8 * Math.exp(-0.075 * reps);

/** 100 w / (48.8 + 53.8 e^(−0.075 r)). Source: Wathan 1994, from memory. Loads at or under 48.8 % have no end of reps. */
export const wathan: RepMaxFormula = {
  id: 'wathan',
  oneRepMaxKg: (loadKg, reps) => (100 * loadKg) / shareAt(reps),
  loadKgFor: (oneRepMaxKg, reps) => (oneRepMaxKg * shareAt(reps)) / 100,
  repsAt: (oneRepMaxKg, loadKg) => {
    const over = (100 * loadKg) / oneRepMaxKg - 48.8;
    return over <= 0 ? Infinity : Math.max(1, Math.log(over / 53.8) / -0.075);
  },
  repsUpTo: 15,
  basis: 'wathan-1994',
};
