import type { Catalogue, Variation } from '../catalogue';
import type { Block, ContentItem } from '../composer';
import type { Kit } from '../kit';
import type { PersonLimit } from '../limits';
import type { SetRecord, SetSlot } from '../log';
import type { JudgeContext, PastExercise } from '../progression';
import type { CheckIn, OnFloor } from '../session';
import type { KitItem, LeverValues, MethodId, Role, Side } from '../vocabulary';

/** What a running session needs of an exercise; a sheet's own carry more. */
export interface LiveItem extends ContentItem {
  values: LeverValues;
  method: MethodId;
  /** Earlier sessions of the movement, oldest first. */
  past: readonly PastExercise[];
}

/** The sheet as it runs, the changes of the day on it, and all that advice needs with no network. */
export interface LiveSheet<I extends LiveItem> {
  blocks: readonly Block[];
  items: readonly I[];
  kit: Kit & { items: readonly KitItem[] };
  limits: readonly PersonLimit[];
  fittedTo: JudgeContext['person'];
  careful?: JudgeContext['careful'];
  safety: NonNullable<JudgeContext['safety']>;
  /** The leg the screening found weaker or stiffer; null: neither. */
  care: { weakerSide: Extract<Side, 'left' | 'right'> | null };
}

/** A running session: its sheet, what was logged, and what the day changed. */
export interface Running<I extends LiveItem = LiveItem> {
  session: { date: string };
  sheet: LiveSheet<I>;
  sets: readonly SetRecord[];
  floor: Omit<OnFloor<I>, 'content'>;
  checkIn: CheckIn | null;
  /** Exercises whose numbers the check-in made lighter already: the same pain cuts once a day. */
  cutToday: ReadonlySet<string>;
  catalogue: Catalogue;
}

/** One row of an exercise: what may be logged there, and what was. */
export interface Row {
  slot: SetSlot;
  set: SetRecord | null;
}

/** One exercise of a running session: its rows, what is logged, and the row that comes next. */
export interface Exercise<I extends LiveItem = LiveItem> {
  item: I;
  variation: Variation;
  /** The stretch of the session it stands in. */
  role: Role;
  /** Whether it is done in turn with others, and the rest after each set: none inside a round, then the round's. */
  inTurn: boolean;
  blockId: string;
  restSeconds: number;
  /** Rows that are owed, and the ramp sets and drops that may be logged or were. */
  rows: readonly Row[];
  /** Undefined when every row that is owed is logged. */
  next: SetSlot | undefined;
  /** Logged sets in the order they were logged. */
  done: readonly SetRecord[];
  /** Whether there is still something to do: rows left, and neither pain nor the trainer has ended it for today. */
  isOpen: boolean;
  /** Sets done of what it stands in for: in a round it goes on where that one stopped. */
  behind: number;
}
