import type { RepRange } from '../catalogue';
import type { DayTarget, Need } from '../composer';
import type { DayRole, KitId, MainFamily, Reason } from '../vocabulary';

/** How hard a day's leading pattern is trained. `easy`: drills only. */
export type DayWeight = 'heavy' | 'light' | 'easy';

/** What a role of the plan trains. */
export interface RoleRule {
  /** The pattern it leads with; null: all alike. */
  led: MainFamily | null;
  weight: DayWeight;
  /** Patterns that have a big lift that day, the led one first. */
  families: readonly MainFamily[];
}

/** One day of a plan. */
export interface PlanDay {
  /** Where it stands in the block: week and place in it; it keeps it wherever it is moved. */
  id: string;
  /** Whole days on the clock of the history. */
  day: number;
  role: DayRole;
  /** Null: where the person usually trains. */
  kitId: KitId | null;
  /** Null: the person's own minutes. */
  minutes: number | null;
}

/** One week of a plan. Its days are in the order they are meant to be trained. */
export interface PlanWeek {
  index: number;
  /** Its Monday, whole days. */
  start: number;
  kind: 'loading' | 'lighter';
  /** Share of the weekly aim it goes for. */
  ramp: number;
  /** Sets a session may hold over what its exercises usually have. */
  moreSets: number;
  days: readonly PlanDay[];
  why: readonly Reason[];
}

/** A block: some weeks that belong together, and why they are as they are. */
export interface Block {
  /** How many came before it. */
  number: number;
  start: number;
  /** Reps of the led lifts; null: the goal's own. */
  zone: RepRange | null;
  /** Whether its first heavy days look for what somebody can do now. */
  isTested: boolean;
  weeks: readonly PlanWeek[];
  /** Hard sets of a week, by need, at a ramp of one. */
  weekly: Readonly<Partial<Record<Need, DayTarget>>>;
  why: readonly Reason[];
}

/** What a block is planned from, beside what is known of the person. */
export interface BlockWish {
  /** The day it begins, whole days. */
  start: number;
  /** Days of the week they train, Monday 0 to Sunday 6. */
  weekdays: readonly number[];
  /** The first day they ever trained here; null: none yet. */
  firstDay: number | null;
  /** Blocks before this one. */
  number: number;
  /** Whether their plan is a split of two days. */
  isSplit: boolean;
}
