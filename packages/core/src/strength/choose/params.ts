/** Figures of the choice of load and reps. Basis: the same prototype (house default); the 10 % is ACSM 2009's bound. */
export const CHOICE = {
  /** While the one-rep maximum is less sure than this (SD of its log), the load is free to change. */
  uncertainSd: 0.045,
  /** How far the best reps may leave the range before the load must change. */
  rangeSlack: 0.75,
  /** Reps asked for lie this much under the best guess before rounding: simulated people were left a little short. */
  aimBelow: 0.1,
  rise: { usual: 0.1, uncertain: 0.25, cautious: 0.1 },
  /** Reps allowed past the range while the next load is too big a jump. */
  repsBeyond: 3,
  /** A load in force is kept while the best other one would be better by less than this many reps. */
  keepWithin: 0.1,
  cost: { shortOfRange: 0.5, farTooEasy: 0.3, farBy: 2 },
} as const;
