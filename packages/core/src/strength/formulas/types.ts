import type { BasisId } from '../../vocabulary';

/** A published relation between load, reps to failure and the one-rep maximum. */
export interface RepMaxFormula {
  id: RepMaxFormulaId;
  /**
   * One-rep maximum in kg from `loadKg` lifted for `reps` reps to failure. Reps may be fractional, from 1 up to
   * `repsUpTo`; outside it the relation is not meant to be used, and some of them break down.
   */
  oneRepMaxKg(loadKg: number, reps: number): number;
  /** Load in kg that could be lifted for `reps` reps to failure. */
  loadKgFor(oneRepMaxKg: number, reps: number): number;
  /** Reps to failure at `loadKg`; fractional, 1 at the maximum itself or above. */
  repsAt(oneRepMaxKg: number, loadKg: number): number;
  /** Reps beyond which the relation isn't defined or isn't meant. */
  repsUpTo: number;
  basis: BasisId;
}

export const REP_MAX_FORMULAS = ['epley', 'brzycki', 'lander', 'lombardi', 'mayhew', 'oconner', 'wathan'] as const;
export type RepMaxFormulaId = (typeof REP_MAX_FORMULAS)[number];
