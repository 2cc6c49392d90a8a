import { MODEL } from './constants';

/** Depth 0–1 as a thigh angle in squats: from where the model begins to speak to well below level. */
const DEPTH = { fromThighDeg: MODEL.reportedFromThighDeg, toThighDeg: 105 } as const;
/** A standing lifter's hands, share of height. House default. */
const STANDING_HANDS = 0.46;
/** A hinge is never asked for less than this much of its way. House default. */
const LEAST_HINGE = 0.08;

/** Thigh back of vertical at a depth, degrees. */
export const thighAtDepth = (depth: number): number => DEPTH.fromThighDeg + (DEPTH.toThighDeg - DEPTH.fromThighDeg) * depth;

/** The depth at which the thigh is level. */
export const LEVEL_DEPTH = (90 - DEPTH.fromThighDeg) / (DEPTH.toThighDeg - DEPTH.fromThighDeg);

/** How high the hands are in a hinge at a depth, share of height, when they go down to `lowest`. */
export const handsAtDepth = (lowest: number, depth: number): number =>
  STANDING_HANDS - (STANDING_HANDS - lowest) * Math.max(LEAST_HINGE, depth);

/** A knee bends on the way down: its held bend comes at full depth. */
export const kneeAtDepth = (kneeDeg: number, depth: number): number => kneeDeg * Math.min(1, 0.3 + 0.7 * depth);
