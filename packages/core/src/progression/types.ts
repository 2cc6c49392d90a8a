import type { Variation } from '../catalogue';
import type { Dose } from '../dose';
import type { Load } from '../kit';
import type { SetRecord } from '../log';
import type { ChangeLever, MethodId, Reason, Verdict } from '../vocabulary';

/** Everything a decision about one exercise rests on. `sets` are current revisions of this session. */
export interface ExerciseLog {
  itemId: string;
  variation: Variation;
  dose: Dose;
  method: MethodId;
  sets: readonly SetRecord[];
  /** Every load the kit makes for this variation, lightest first. */
  loads: readonly Load[];
  bodyMassKg: number | null;
}

/** The one thing a decision changes. */
export interface Change {
  lever: ChangeLever;
  from: number;
  to: number;
}

/** What a question or a method concludes: the verdict, the next dose, its one change. */
export interface Outcome {
  verdict: Verdict;
  change: Change | null;
  dose: Dose;
  reasons: readonly Reason[];
}

/** The judgement of one exercise, with its whole trace and the very set revisions it used. */
export interface Decision extends Outcome {
  itemId: string;
  method: MethodId;
  engineVersion: string;
  usedSets: readonly { setId: string; revision: number }[];
}

/** Work sets seen as the methods need them. */
export interface WorkDone {
  /** Rows that count, interrupted ones left out. */
  rows: readonly (SetRecord & { reps: number })[];
  /** Sets finished on every side they ask for. */
  completeSets: number;
  /** The load most rows were done with; the planned one when nothing was done. */
  load: Load;
}

/** A question asked before the method; null lets the next one ask. */
export interface Question {
  id: string;
  ask(log: ExerciseLog, done: WorkDone): Outcome | null;
}

/** A named way to progress. */
export interface Method {
  id: MethodId;
  decide(log: ExerciseLog, done: WorkDone): Outcome;
}
