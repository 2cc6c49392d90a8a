/**
 * Every figure of the estimator. Basis: a prototype of our own against simulated people (house default); no human data.
 * Standard deviations are written as such and squared where they are used.
 */
export const ESTIMATOR = {
  /** Prior: the start load is taken as one that could be lifted this often. */
  startReps: 12,
  priorSd: { x: 0.25, b: 1, d: 0.006 },
  priorMean: { b: 1, d: 0.016 },
  gain: { novice: { mean: 0.012, sd: 0.005 }, trained: { mean: 0.004, sd: 0.002 } },
  kRange: { low: 12, high: 90 },
  dRange: { low: 0, high: 0.05 },
  /** Day to day. */
  readinessSd: 0.033,
  driftSdPerWeek: 0.005,
  gainDriftSdPerWeek: 0.0008,
  noviceGainWeeks: 16,
  layOff: { atLeastDays: 10, timesUsualGap: 1.5, lossPerDay: 0.0023, lossMost: 0.25, lossSdShare: 0.4, extraSd: 0.008 },
  /** Fatigue a set leaves, by how many reps were left in it. */
  fatigue: { atFailure: 1.5, perRepLeft: 0.25, least: 0.3 },
  /** Sets of more reps than this, held and unloaded, only bound strength from below. House default. */
  boundOver: { held: 15, unloaded: 20 },
  /** Uncertainty of the reps themselves. */
  repsSd: 0.5,
  roundingSd: 0.29,
  completedSd: 0.25,
  /** How far off a report is: least, per rep left, most. */
  reportSd: { base: 0.35, perRep: 0.22, most: 2 },
  /** A session in which everything was said to leave the scale's top or more widens strength by this. House default. */
  openEndedSd: 0.1,
  biasReps: 2,
  slopeLeast: 0.4,
  /** Above this SD of predicted reps, or below this margin, the report is inverted rather than linearised. */
  invertFromSd: 4,
  invertBelowMargin: 0.25,
  badDay: { shift: 0.08, prior: 0.05 },
  gateSd: 3,
  identicalReports: 10,
} as const;
