import type { RepRange } from '../catalogue';
import type { Dose, DoseWhy, Stage } from '../dose';
import type { JudgeContext, KeptStanding, PastExercise, TrackMemory } from '../progression';
import type { LadderStart } from '../screening';
import type {
  Chip,
  DayRole,
  EmphasisId,
  Family,
  Goal,
  Intent,
  KitId,
  LeverValues,
  MainFamily,
  MethodId,
  Reason,
  Schools,
  Verdict,
} from '../vocabulary';
import type { Need } from './weekly-table';

/** Hard sets of one earlier day, by muscle weighted by emphasis, and the families that were trained hard and loaded. */
export interface RecentWork {
  day: number;
  hardSetsByMuscle: Partial<Record<EmphasisId, number>>;
  /** Of the hamstrings' sets those that bend the knee; left out: not counted then. */
  kneeBendSets?: number;
  heavyFamilies: readonly Family[];
}

/** Where somebody stands on one ladder: since when and by what. */
export type StoodOn = Pick<KeptStanding, 'ladderId' | 'rungId' | 'on' | 'by'>;

/** Hard sets of one day: what it must not fall under, what is aimed at, what it never goes over. */
export interface DayTarget {
  floor: number;
  aim: number;
  most: number;
}

/** What a plan has for the day a sheet is made for. */
export interface PlannedFor {
  /** Which day of the person's plan it is. */
  dayKey: string;
  intent: Intent;
  /** Another place than the usual one, or fewer minutes; null: as always. */
  here: { kitId: KitId | null; minutes: number | null } | null;
  /** Whether it is trained elsewhere than days of its role are at home, or shorter: then it moves no track. */
  isHistory: boolean;
  /** Whether its led lift looks for what somebody can do now. */
  isTested: boolean;
  role: DayRole;
  /** The pattern that leads; null: all alike. */
  led: MainFamily | null;
  /** Patterns that get a big lift, the led one first. */
  families: readonly MainFamily[];
  /** Reps of the led lift while it is loaded, and of the other big lifts beside it; null: the goal's own. */
  zone: RepRange | null;
  besideZone: RepRange | null;
  targets: Readonly<Partial<Record<Need, DayTarget>>>;
  /** Sets the session may hold over what its exercises usually have. */
  moreSets: number;
  /** Share of the hard sets that a full session would hold: a block's weeks begin lower and grow. */
  setsShare: number;
  /** Accessories that had their turn in the block before. */
  rested: readonly string[];
}

/** What a sheet is planned from. `pastOf`: earlier sessions of a movement; `day` is today on their clock. */
export interface SheetInput {
  context: JudgeContext;
  tracks: readonly Track[];
  stage: Stage;
  schools: Schools;
  /** Where the screening starts each ladder, and the settings it asks for. Left out: not screened. */
  starts?: readonly LadderStart[];
  aids?: Readonly<Record<string, LeverValues>>;
  /** Where the person stands, one a ladder; left out: nothing is on record. */
  standings?: readonly StoodOn[];
  /** Movements the person would rather not do. */
  dislikes?: readonly string[];
  /** What was confirmed of their own words; left out: nothing. */
  chips?: readonly Chip[];
  /** Drills the screening asks for. */
  drills?: readonly string[];
  /** How many days a week they come; left out: not asked. */
  daysPerWeek?: number | null;
  /** Beside the main goal; left out: none. */
  secondGoal?: Goal | null;
  /** Hard work of the last days, of any place. */
  recent?: readonly RecentWork[];
  /** Minutes they have; left out: not known. */
  minutes?: number;
  /** How long they take beside what is planned, learned from logged times; left out: as planned. */
  pace?: number;
  /** What the plan has for the day; left out: the days of a week are alike. */
  planned?: PlannedFor;
  day: number;
  /** The day it will be trained, for rest between hard days; left out: the same. */
  trainsOn?: number;
  readonly pastOf: (variationId: string) => readonly PastExercise[];
}

/** Where a person stands with one exercise slot. Reviews write it; a sheet reads it when it is made. */
export interface Track {
  slot: string;
  variationId: string;
  /** Settings moved away from where the movement usually has them. */
  values: LeverValues;
  method: MethodId;
  /** Whether the trainer chose the method; otherwise it follows the load. */
  methodChosen: boolean;
  /** The dose without the caps of a first session or the first weeks. */
  dose: Dose;
  /** Whether the next sheet leaves the exercise out. */
  leftOut: boolean;
  /** What was eased or lent, and what was tried. */
  memory?: TrackMemory;
  /** Which days of the plan it belongs to; left out: all. */
  dayRole?: DayRole;
  lastDecision: { verdict: Verdict; reasons: readonly Reason[]; sessionDate: string; edited: boolean } | null;
}

/** One exercise of a sheet as it is proposed. */
export interface PlannedItem {
  slot: string;
  variationId: string;
  values: LeverValues;
  method: MethodId;
  methodChosen: boolean;
  /** Feeler sets before the work sets, for a lift nobody knows yet. */
  feelers: number;
  /** As the track has it, uncapped. */
  trackDose: Dose;
  /** What is proposed today, capped by stage. */
  dose: Dose;
  why: DoseWhy;
  /** Why this movement, at these settings. */
  chosenWhy: readonly Reason[];
  /** What its track remembers, as it was when this was planned. */
  memory: TrackMemory;
}

/** Something that had to stay off a sheet, and why. */
export interface LeftOff {
  slot: string;
  /** Null where nothing had been chosen for the slot. */
  variationId: string | null;
  reasons: readonly Reason[];
}
