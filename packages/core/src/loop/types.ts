import type { Block, Content, ContentItem, LeftOff, PlannedItem } from '../composer';
import type { Dose } from '../dose';
import type { SetRecord } from '../log';
import type { JudgeContext, PastExercise } from '../progression';
import type { CheckIn, FloorChange } from '../session';
import type { DayRole, Intent, KitId, LeverValues, Reason, SessionId, SessionShape, SplitDay } from '../vocabulary';

/** An exercise as it stands on the floor: what arranging needs, and its settings. */
export type FloorItem = ContentItem & { values: LeverValues };

/** One exercise of a sheet as it is kept: what was planned, and the dose that stands, which the trainer may have changed. */
export interface SheetItem extends ContentItem, Omit<PlannedItem, keyof ContentItem> {
  /** What Drubo proposed; kept beside the trainer's edit. */
  proposed: Dose;
  /** Whether the trainer put it there or changed its movement. */
  isOwn: boolean;
}

/** A whole sheet, without what only a store needs. */
export interface SheetPlan extends Content<SheetItem> {
  shape: SessionShape;
  intent: Intent;
  splitDay: SplitDay | null;
  /** Which days of the plan it is one of; null: a day of its own, which writes no track and is no pattern. */
  dayRole: DayRole | null;
  /** Which day of the person's plan of weeks it is made for; null: they have none, or it is beside it. */
  planDay: string | null;
  /** Null: the person's own. */
  minutesBudget: number | null;
  /** Null: where the person usually trains. */
  kitId: KitId | null;
  blocks: readonly Block[];
  items: readonly SheetItem[];
  /** Whether the trainer arranged it by hand. */
  isShaped: boolean;
  gaveUp: readonly Reason[];
  leftOff: readonly LeftOff[];
}

/** A session that was trained: its sheet, every row its sets can point at, what the day changed, and what was logged. */
export interface RanSession {
  sessionId: SessionId;
  /** ISO day, and the same as whole days on the clock of the history. */
  date: string;
  day: number;
  sheet: Pick<SheetPlan, 'blocks' | 'items' | 'dayRole'>;
  /** Exercises that came in while it ran, as they were planned. */
  brought: readonly SheetItem[];
  changes: readonly FloorChange<FloorItem>[];
  checkIn: CheckIn | null;
  /** Current revisions of all its sets. */
  sets: readonly SetRecord[];
}

/** What a session is judged with beside itself: health, kit and person as they were that day, and what came before. */
export interface JudgedWith {
  context: JudgeContext;
  bodyMassKg: number | null;
  /** Earlier sessions of a movement, oldest first. */
  readonly pastOf: (variationId: string) => readonly PastExercise[];
}
