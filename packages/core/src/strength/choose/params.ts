/** Figures of the choice of load and reps. Basis: the same prototype (house default); the 10 % is ACSM 2009's bound. */
export const CHOICE = {
  /** While the load for the target's reps is less sure than this (SD of its log), the load is free to change. */
  uncertainSd: 0.045,
  /** How far the best reps may leave the range before the load must change. */
  rangeSlack: 0.75,
  /** Reps asked for lie this much under the best guess before rounding: simulated people were left a little short. */
  aimBelow: 0.35,
  /** Most a set may rise at once, as a share: ACSM 2009's upper bound. */
  rise: 0.1,
  /** Reps past the range before a step that is a bigger jump. */
  repsBeyond: 2,
  /** Reps by which what was shown may fall short of what a rise asks: reports are whole numbers. */
  shownSlack: 1,
  /** A load in force is kept while the best other one would be better by less than this many reps. */
  keepWithin: 0.1,
  cost: { shortOfRange: 0.5, farTooEasy: 0.3, farBy: 2 },
} as const;
