import type { RackId } from './racks';

/** What makes up a population of simulated people. All figures are the model's own; no human data. */
export interface Population {
  racks: readonly (readonly [RackId, number])[];
  k: { mean: number; sd: number; low: number; high: number };
  readinessSd: number;
  /** Correlation of one training day's readiness with the last. */
  dayCorrelation: number;
  badDay: { chance: number; drop: number };
  setNoiseReps: number;
  /** How far reports fall short of the truth, in reps, far from failure. */
  bias: { mean: number; sd: number };
  missingReports: number;
  /** Degrees of freedom of the report's noise; null for the normal. */
  reportTails: number | null;
  /** Reps to failure: straight in load, logarithmic, or as published of the back squat. */
  curve: 'straight' | 'logarithmic' | 'published';
  /** The maximum as a multiple of body mass, with the mass that moves under the bar told; null: by the rack alone. */
  byBodyMass: { low: number; high: number } | null;
  /** A number always given, whatever is left; null: as it is felt. */
  alwaysSays: number | null;
  startGuessSd: number;
  /** A start guess this far off, one way or the other, instead of a random one; null: random. */
  startGuessOff: number | null;
}

/** The people the estimator is tuned for. */
export const USUAL_PEOPLE: Population = {
  racks: [
    ['barbell', 0.5],
    ['dumbbell', 0.3],
    ['kettlebell', 0.2],
  ],
  k: { mean: 30, sd: 5, low: 16, high: 46 },
  readinessSd: 0.03,
  dayCorrelation: 0,
  badDay: { chance: 0.05, drop: 0.08 },
  setNoiseReps: 0.4,
  bias: { mean: 1, sd: 0.7 },
  missingReports: 0.3,
  reportTails: null,
  curve: 'straight',
  byBodyMass: null,
  alwaysSays: null,
  startGuessSd: 0.15,
  startGuessOff: null,
};

/** People whose reps follow published data of the back squat: another curve than the estimator's, with body mass under the bar. */
export const PUBLISHED_PEOPLE: Population = {
  ...USUAL_PEOPLE,
  racks: [['barbell', 1]],
  k: { mean: 0.95, sd: 0.15, low: 0.6, high: 1.4 },
  curve: 'published',
  byBodyMass: { low: 0.8, high: 2 },
};

/** Populations that are not what the estimator expects. */
export const STRESS_PEOPLE = {
  'seventy-percent-missing': { ...USUAL_PEOPLE, missingReports: 0.7 },
  'never-reports': { ...USUAL_PEOPLE, missingReports: 1 },
  sandbagging: { ...USUAL_PEOPLE, bias: { mean: 3, sd: 0.7 } },
  'over-claiming': { ...USUAL_PEOPLE, bias: { mean: -1, sd: 0.7 } },
  'noisy-days': { ...USUAL_PEOPLE, readinessSd: 0.05, badDay: { chance: 0.1, drop: 0.08 } },
  'kettlebells-only': { ...USUAL_PEOPLE, racks: [['kettlebell', 1]] },
  'always-the-same': { ...USUAL_PEOPLE, missingReports: 0, alwaysSays: 2 },
  'other-curve': { ...USUAL_PEOPLE, curve: 'logarithmic', reportTails: 4, dayCorrelation: 0.5 },
} as const satisfies Record<string, Population>;

export type StressId = keyof typeof STRESS_PEOPLE;
