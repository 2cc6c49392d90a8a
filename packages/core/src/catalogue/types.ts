import type { FigureSource } from '../body';
import type {
  BasisId,
  EmphasisId,
  Family,
  FaultId,
  KitItem,
  LeverId,
  LeverValue,
  LeverValues,
  LoadPosition,
  Plane,
  Stance,
  Tempo,
  TraitId,
} from '../vocabulary';

/** A clean-rep or seconds range, both ends meant. */
export interface RepRange {
  low: number;
  high: number;
}

/** A set-up parameter as one variation offers it. */
export interface LeverScale {
  lever: LeverId;
  /** Notches from easy to hard where `ordered`, else side by side. `null` is none of it. */
  steps: readonly LeverValue[];
  unit: 'cm' | 'mm' | 'kg' | 's' | 'deg' | null;
  /** False for levers that only move the emphasis: they have no easier or harder. */
  ordered: boolean;
  /** Where the variation usually stands: an index into `steps`. */
  usual: number;
  /** Notches for a trainer's hand, too small to tell: a notch easier or harder goes past them. */
  fine?: readonly LeverValue[];
}

/** Another variation that is one notch of a lever away: another base, load position or implement. */
export interface Sibling {
  lever: 'base' | 'load-position' | 'surface' | 'support' | 'range';
  variationId: string;
  way: 'easier' | 'harder';
}

/** One exercise as a trainer names it. Pure data; its id is its file name. */
export interface Variation {
  id: string;
  name: string;
  aliases: readonly string[];
  family: Family;
  plane: Plane;
  stance: Stance;
  /** Which end a rep begins at. Bridges begin at the bottom and lift first. */
  startsAt: 'top' | 'bottom';
  /** What the hard end is called, for the pacer and the tempo's wording. */
  holdsAt: { bottom: string; top: string };
  /** Front-of-thigh share of the work of knee and hip, 0–1. */
  kneeShare: number;
  /** What it trains, 0–1 each. */
  emphasis: Partial<Record<EmphasisId, number>>;
  /** Where its load is carried, the usual place first. */
  loadPositions: readonly LoadPosition[];
  /** Whether it may be done with nothing in the hands. */
  unloadedAllowed: boolean;
  /** Share of body mass that moves with the load (house values from the segment table). */
  bodyMassShare: number;
  /** Whether a jump in load is judged on the total moved mass (legs are the limit) or the external load (arms are). */
  jumpOn: 'total' | 'external';
  /** First working load as a share of body mass, external, both hands together. */
  firstLoadShare: { novice: number; trained: number };
  /** What it always needs, whatever the load: each entry is met by any one of its items. */
  kit: readonly (readonly KitItem[])[];
  levers: readonly LeverScale[];
  siblings: readonly Sibling[];
  /** Its own rep range where the trade gives one; it wins over the goal's, except for strength. */
  repRange: RepRange | null;
  /** Seconds a set, where it is timed. */
  seconds: RepRange | null;
  /** Its own tempo where the trade gives one. */
  tempo: Tempo | null;
  setUpSeconds: number;
  cues: readonly string[];
  faults: readonly FaultId[];
  cautions: readonly string[];
  /** What a limit may be about. */
  traits: readonly TraitId[];
  /** Variations whose gate must be met first. */
  prerequisites: readonly string[];
  basis: BasisId;
  figure: FigureSource;
  /** For a studio's own movement: what it was made from, which revision this is, and whether it is retired. */
  custom?: { basedOn: string; revision: number; retired: boolean };
}

/** Clean work that must be shown before the next rung. */
export interface Gate {
  sets: number;
  /** Reps in each set, per side where it is one-sided; `top` and `low` are the ends of the prescribed range. */
  reps: number | 'top' | 'low';
  /** Seconds instead of reps. */
  seconds?: number;
  /** External load as a share of body mass; where the rack ends between 80 and 100 % of it, its heaviest. */
  bodyMassShare?: number;
  /** Never more than so many kg, whatever the share says. */
  mostKg?: number;
  /** Share of body mass from which a bar it opens begins where the belief says; under it the bar is empty. */
  freeShare?: number;
  /** Sessions it must be shown in. */
  sessions: number;
  basis: BasisId;
}

/** One step of a ladder: a variation at lever values, with what earns the next. */
export interface Rung {
  id: string;
  variationId: string;
  values?: LeverValues;
  /** Which step of the staircase; rungs that run side by side share one. */
  stage: number;
  /** Beside the ladder: useful, but not on the way up. */
  aside?: true;
  /** Rungs any one of which leads here. */
  from: readonly string[];
  /** None: it may stay the main lift for good. */
  gate: Gate | null;
}

/** Rungs in order, as a small graph. */
export interface Ladder {
  id: string;
  name: string;
  family: Family;
  rungs: readonly Rung[];
}
