import type { RepRange } from '../catalogue';
import type { DayTarget, Need } from '../composer';
import type { DayRole, KitId, MainFamily, Reason } from '../vocabulary';
import type { InBlock, Rotation } from './rotate';

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
  /** Its name for good among the person's blocks. */
  id: string;
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

/** Where somebody always trains on a day of the week, where that isn't their usual place. `weekday`: Monday 0 to Sunday 6. */
export interface WeekdayPlace {
  weekday: number;
  kitId: KitId;
}

/** What a block is planned from, beside what is known of the person. */
export interface BlockWish {
  id: string;
  /** The day it begins, whole days. */
  start: number;
  /** Days of the week they train, Monday 0 to Sunday 6. */
  weekdays: readonly number[];
  /** Days of the week that are always elsewhere; left out: none. */
  places?: readonly WeekdayPlace[];
  /** The first day they ever trained here; null: none yet. */
  firstDay: number | null;
  /** Blocks before this one. */
  number: number;
  /** Reps of the led lifts in the block before; null: the goal's own, or there was none. */
  zoneBefore?: RepRange | null;
  /** Whether their plan is a split of two days. */
  isSplit: boolean;
}

/** A person's plan as it is kept. Days are whole days of the history. */
export interface Plan {
  block: Block;
  /** Days of the week they train, Monday 0 to Sunday 6. */
  weekdays: readonly number[];
  /** Days of the week that are always elsewhere; left out: none. */
  places?: readonly WeekdayPlace[];
  isSplit: boolean;
  /** By day role: accessories that had their turn in the block before. */
  rested: Readonly<Partial<Record<DayRole, readonly string[]>>>;
  /** What became of each exercise when the block before ended, by day role; empty for a first block. */
  turned: readonly { role: DayRole; rotation: Rotation }[];
  /** What was left as it is: names of lines that are not asked about again. */
  left: readonly string[];
}

/** A day of a plan that was trained, with what a block's end looks back on. */
export interface PlanTrained {
  dayId: string;
  role: DayRole;
  /** The day it was trained on. */
  on: number;
  /** Hard sets, by need. */
  sets: Readonly<Partial<Record<Need, number>>>;
  /** Patterns that were trained. */
  families: readonly MainFamily[];
  exercises: readonly Pick<InBlock, 'slot' | 'role' | 'variationId' | 'movedUp' | 'isWanted'>[];
}
