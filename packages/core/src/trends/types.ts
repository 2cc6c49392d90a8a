import type { Variation } from '../catalogue';
import type { Dose } from '../dose';
import type { SetRecord } from '../log';
import type { EmphasisId, Family, JointArea } from '../vocabulary';

/** What a trend needs of a logged set. */
export type TrendSet = Pick<
  SetRecord,
  'kind' | 'side' | 'setIndex' | 'reps' | 'reserve' | 'externalKg' | 'jointPain' | 'tempoMeasured' | 'seconds'
>;

/** One exercise of a past session. */
export interface TrendExercise {
  variation: Variation;
  dose: Dose;
  sets: readonly TrendSet[];
}

/** A past session. `day`: days since 1970 of its calendar day. Unknown effort and minutes are null. */
export interface TrendSession {
  day: number;
  effort: number | null;
  minutes: number | null;
  exercises: readonly TrendExercise[];
  /** Joint pain asked before the first set, by area; null where nobody asked. */
  joints: readonly { area: JointArea; pain: number }[] | null;
}

/** One week, Monday to Sunday. */
export interface TrendWeek {
  /** Its Monday, days since 1970. */
  monday: number;
  sessions: number;
  setsByFamily: Partial<Record<Family, number>>;
  /** Hard sets weighted by emphasis, to a tenth. */
  setsByMuscle: Partial<Record<EmphasisId, number>>;
  kneeSets: number;
  hipSets: number;
  /** Effort × minutes of the sessions where both are known, and how many those were. */
  load: number;
  loadSessions: number;
  /** Mean daily load over its spread, and load × that; null where too few days make it meaningless. */
  monotony: number | null;
  strain: number | null;
  setsPlanned: number;
  setsDone: number;
  /** Share of measured sets that kept their tempo, 0–1; null where nothing was measured. */
  tempoKept: number | null;
  /** Worst joint pain logged in any set; null where nobody asked. */
  worstPain: number | null;
  /** Worst joint pain before the first set, by area. */
  painByArea: Partial<Record<JointArea, number>>;
}
