import type { EmphasisId, LeverValues, MainFamily, SessionShape, SplitDay, Tempo } from '../vocabulary';

/** What a shape of session is made of. Basis: shapes seen in the trade, no source; figures are house defaults. */
export interface ShapeRule {
  /** Drills before the first set. */
  prep: boolean;
  families: readonly MainFamily[];
  /** Muscles that may get an exercise of their own. */
  muscles: readonly EmphasisId[];
  finisher: 'never' | 'by-goal';
  /** All work goes round: how many rounds, and the rest after each. */
  rounds: { counts: readonly number[]; restSeconds: number } | null;
  /** What may be done in turn: nothing, the accessories, or every lift with a timed drill. */
  pairs: 'none' | 'accessories' | 'drills';
  /** Exercises at most; null: by training age and how new the person is. */
  most: number | null;
  /** What it does to a dose. */
  dose: ShapeDose | null;
  /** Drills only: nothing hard, nothing judged. */
  drillsOnly: boolean;
  /** Movements it is made of whoever it is for, where they are open; null: chosen by standing. */
  fixed: readonly FixedDrill[] | null;
  /** Ladders of skills of which it practises the furthest that is earned. */
  skills: readonly string[];
  /** Only what furniture and the floor give. */
  furnitureOnly: boolean;
  /** Minutes it never goes beyond. */
  mostMinutes: number | null;
}

/** One movement of a fixed session: the settings it is taught at, and the slot it stands in. */
export interface FixedDrill {
  variationId: string;
  slot: string;
  values?: LeverValues;
}

export interface ShapeDose {
  sets?: number;
  reps?: { low: number; high: number };
  /** Reps a side of one-sided work, where they differ. */
  repsASide?: { low: number; high: number };
  tempo?: 'slow';
  restSeconds?: number;
  reserve?: number;
  /** Share of the usual load. */
  loadShare?: number;
}

/** Three seconds each way with three held at the hard end: at the top where a rep begins low, else at the bottom. */
export const slowTempo = (startsAt: 'top' | 'bottom'): Tempo =>
  startsAt === 'bottom' ? { lowering: 3, bottom: 0, lifting: 3, top: 3 } : { lowering: 3, bottom: 3, lifting: 3, top: 0 };

const ALL: readonly MainFamily[] = ['squat', 'hinge', 'lunge', 'bridge'];
const WEAK_POINTS: readonly EmphasisId[] = ['hamstrings', 'calves', 'side-hip', 'trunk', 'adductors', 'glutes', 'front-thigh'];

const USUAL: ShapeRule = {
  prep: true,
  families: ALL,
  muscles: WEAK_POINTS,
  finisher: 'by-goal',
  rounds: null,
  pairs: 'accessories',
  most: null,
  dose: null,
  drillsOnly: false,
  fixed: null,
  skills: [],
  furnitureOnly: false,
  mostMinutes: null,
};

/** Ten, ten, ten and five a side, four times round: three seconds each way, three held. From the trade, no source. */
const TEMPO_CIRCUIT: ShapeRule = {
  ...USUAL,
  prep: false,
  muscles: ['trunk'],
  finisher: 'never',
  rounds: { counts: [4, 3, 2], restSeconds: 60 },
  pairs: 'none',
  most: 4,
  dose: { reps: { low: 10, high: 10 }, repsASide: { low: 5, high: 5 }, tempo: 'slow', restSeconds: 0, loadShare: 0.8 },
};

/** The four as they are taught: hips above knees in the hinge, chest vertical in the squat. From the trade, no source. */
const FOUR: readonly FixedDrill[] = [
  { variationId: 'belly-held-hinge', slot: 'hinge' },
  { variationId: 'bridge-floor-press', slot: 'bridge' },
  { variationId: 'goblet-squat', slot: 'squat', values: { 'toes-out': 45 } },
  { variationId: 'shin-box-rise', slot: 'trunk', values: { 'load-position': 'goblet' } },
];

export const SHAPES: Record<SessionShape, ShapeRule> = {
  'prep-compounds-accessories': USUAL,
  'straight-sets': { ...USUAL, prep: false, muscles: [], finisher: 'never', pairs: 'none' },
  'pairs-with-finisher': {
    ...USUAL,
    prep: false,
    muscles: ['hamstrings'],
    finisher: 'never',
    pairs: 'drills',
    most: 5,
    dose: { sets: 3, reps: { low: 10, high: 12 }, loadShare: 0.9 },
  },
  circuit: {
    ...USUAL,
    prep: false,
    muscles: ['trunk', 'side-hip'],
    finisher: 'never',
    rounds: { counts: [5, 4, 3, 2], restSeconds: 60 },
    pairs: 'none',
    most: 4,
    dose: { reps: { low: 10, high: 15 }, restSeconds: 0, loadShare: 0.8, reserve: 3 },
  },
  'tempo-circuit': TEMPO_CIRCUIT,
  'four-drills': { ...TEMPO_CIRCUIT, families: [], muscles: [], fixed: FOUR },
  'home-drills': {
    ...USUAL,
    prep: false,
    muscles: ['trunk', 'side-hip', 'calves'],
    finisher: 'never',
    pairs: 'none',
    most: 4,
    dose: { sets: 2, restSeconds: 30, reserve: 3 },
    furnitureOnly: true,
    mostMinutes: 20,
  },
  'skill-practice': {
    ...USUAL,
    families: ['squat', 'hinge', 'lunge'],
    muscles: [],
    finisher: 'never',
    pairs: 'none',
    most: 4,
    skills: ['get-up', 'swing'],
    dose: {
      sets: 4,
      reps: { low: 3, high: 5 },
      repsASide: { low: 2, high: 3 },
      restSeconds: 60,
      reserve: 5,
      loadShare: 0.8,
    },
  },
  mobility: {
    ...USUAL,
    families: [],
    muscles: [],
    finisher: 'never',
    pairs: 'none',
    drillsOnly: true,
    mostMinutes: 25,
  },
  'two-day-split': USUAL,
};

/** What a day of a two-day split trains: four lifts each. */
export const SPLIT: Record<SplitDay, Pick<ShapeRule, 'families' | 'muscles' | 'most'>> = {
  a: { families: ['squat', 'bridge'], muscles: ['front-thigh', 'adductors', 'calves', 'trunk'], most: 4 },
  b: { families: ['hinge', 'lunge'], muscles: ['hamstrings', 'side-hip', 'glutes', 'trunk'], most: 4 },
};
