import type { LoadPosition } from '../vocabulary';
import type { ContextOffset } from './estimator/types';

/**
 * Log load a place costs the legs against the weight at the sides: arms and trunk give out first. House offsets until learned,
 * by what is usually held so.
 */
const PLACE_COST: Partial<Record<LoadPosition, number>> = {
  suitcase: 0.06,
  goblet: 0.05,
  rack: 0.08,
  'rack-one': 0.12,
  'front-bar': 0.04,
  overhead: 0.35,
};
/** Deviation another place adds: its offset is a guess. */
const PLACE_SD = 0.06;

/** Log load that holding a weight at one place costs more than at another. */
export const placeCost = (at: LoadPosition, comparedWith: LoadPosition): number =>
  (PLACE_COST[at] ?? 0) - (PLACE_COST[comparedWith] ?? 0);

/** A set's offset from the place it is compared with: none at the same place, and none with nothing held. */
export const placeOffset = (done: LoadPosition, comparedWith: LoadPosition): ContextOffset =>
  done === comparedWith || done === 'none' || comparedWith === 'none'
    ? { shift: 0, sd: 0 }
    : { shift: placeCost(comparedWith, done), sd: PLACE_SD };

/** Two differences of conditions as one. */
export const both = (a: ContextOffset, b: ContextOffset): ContextOffset => ({
  shift: a.shift + b.shift,
  sd: Math.hypot(a.sd, b.sd),
});
