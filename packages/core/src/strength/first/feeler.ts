import { kOf } from '../estimator/predict';
import { sdOfStrength } from '../estimator/belief';
import { X } from '../estimator/types';
import type { Belief } from '../estimator/types';

/** Feeler sets of a lift nobody knows yet. Basis: the prototype (house default). */
export const FEELERS = {
  sets: 2,
  reps: 8,
  carefulReps: 5,
  /** Reps that should be left: more in the first, because the guess may be far off. */
  leave: { first: 4, after: 3 },
  /** How far into the lower side of what is believed a feeler goes. */
  quantile: 0.67,
  firstShareOfGuess: 0.75,
  /** Reserve is asked on a longer scale, because much is usually left. */
  reserveCap: 10,
} as const;

/** What a feeler set is planned from. Loads in kg. */
export interface FeelerInput {
  belief: Belief;
  /** 0 for the first. */
  index: number;
  /** Whether the first is done for fewer reps: a limit on the area, or someone new to it. */
  careful: boolean;
  guessKg: number;
  /** What body mass adds to the load that reps follow, kg. */
  tellingKg: number;
  /** External loads the kit makes, lightest first, at least one. */
  loadsKg: readonly number[];
}

/**
 * Load and reps of the next feeler: light enough that even a weaker person than believed has reps left. The first is
 * at most three quarters of the guess. Snapped to the nearest load not above.
 */
export const feelerSet = ({
  belief,
  index,
  careful,
  guessKg,
  tellingKg,
  loadsKg,
}: FeelerInput): { loadKg: number; reps: number } => {
  const isFirst = index === 0;
  const reps = isFirst && careful ? FEELERS.carefulReps : FEELERS.reps;
  const leave = isFirst ? FEELERS.leave.first : FEELERS.leave.after;
  const low = Math.exp((belief.mean[X] ?? 0) - FEELERS.quantile * sdOfStrength(belief));
  const wantedKg = low / (1 + (reps + leave) / kOf(belief)) - tellingKg;
  const cappedKg = isFirst ? Math.min(wantedKg, FEELERS.firstShareOfGuess * guessKg) : wantedKg;
  return { loadKg: loadsKg.findLast((kg) => kg <= cappedKg + 0.0005) ?? loadsKg[0] ?? 0, reps };
};
