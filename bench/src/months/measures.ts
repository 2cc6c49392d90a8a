/** What a life is judged by. Counts unless said. */
export interface LifeMeasures {
  sessions: number;
  locked: number;
  restricted: number;
  loadUpAfterPain: number;
  notAsAgreed: number;
  overMinutes: number;
  wideRanges: number;
  leaps: number;
  loansForGood: number;
  /** Slots of twelve sessions in which nothing moved, and all such stretches looked at. */
  stuck: number;
  stretches: number;
  /** Pairs of running sheets in which nothing moved, and all pairs. */
  stillPairs: number;
  pairs: number;
  /** Week of the first bar; null: none. */
  firstBarWeek: number | null;
  /** Whole weeks with idle minutes and a need under its floor, weeks with one over its cap, and weeks looked at. */
  floorsUnmet: number;
  /** By the sets planned, whether or not they were done, and by those done. */
  capsPlannedOver: number;
  capsBroken: number;
  weeksSeen: number;
  verdicts: Record<string, number>;
  /** Sum of |true reserve − target| from week 5 and sets counted, ends of the rack and limits apart. */
  errorSum: number;
  errorSets: number;
  /** The same sum, no set counted for more than FAR reps: beyond that no published curve says how many were left. */
  nearErrorSum: number;
  /**
   * The same of loads that are held back on purpose: a lighter day, a bar that begins empty, who is to be careful, who trains with
   * nobody judging the sets, and what comes back a step at a time after pain or a fault.
   */
  heldErrorSum: number;
  heldErrorSets: number;
  toFailure: number;
  /**
   * Sessions of an exercise in runs of four and more in which what was said to be left lay well under what was asked, a failed
   * set as one less than none; and sessions of an exercise looked at. What a reader calls: too hard for weeks, and nobody says so.
   */
  hardRuns: number;
  exercises: number;
  /** Big lifts that stayed from one sheet of a day role to its next within a block, and all looked at. */
  mainsKept: number;
  mains: number;
  /** Day roles with three accessories and more whose next block has two others at least, and all such. */
  rotated: number;
  rotations: number;
  /** Unbroken blocks whose last loading week held a tenth more hard sets than their first, and all unbroken blocks. */
  grown: number;
  blocks: number;
}
