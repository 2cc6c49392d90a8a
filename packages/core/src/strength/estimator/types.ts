/** Places in the state vector. */
export const X = 0;
export const G = 1;
export const RHO = 2;
export const KAPPA = 3;
export const B = 4;
export const D = 5;
export const STATES = 6;

/**
 * What is believed of one person at one variation: six numbers and how sure they are.
 * `mean` holds [x, g, ρ, κ, b, d]: x log of the one-rep maximum of the total moved load in kg · g its gain per week ·
 * ρ today's readiness · κ = ln k, with reps to failure k(1RM/w − 1) · b how much reserve is under-reported far from
 * failure · d log capability lost a set. `cov` is their 6 × 6 covariance, row by row.
 */
export interface Belief {
  mean: readonly number[];
  cov: readonly number[];
}

/** How long a person has trained, as far as expected gain goes. */
export type GainClass = 'novice' | 'trained';

/** A set as the estimator reads it. Loads are total moved load in kg: external plus the share of body mass. */
export interface Observation {
  totalKg: number;
  reps: number;
  /** Reps said to be in reserve; at the cap it means that many or more; null when nobody said. */
  reserve: number | null;
  /** Whether the next rep was tried and missed. */
  failed: boolean;
  /** Only a lower bound on what the legs could do: ended by grip or pain, or a drop after the first. */
  onlyAtLeast: boolean;
  /** Log capability this set's context costs against the usual one (slow tempo, short range), with its uncertainty. */
  context: ContextOffset;
  /** Top of the scale the reserve was asked on. */
  reserveCap: number;
}

/** A stated difference between the conditions of a set and the usual ones, in log load. */
export interface ContextOffset {
  shift: number;
  sd: number;
}
