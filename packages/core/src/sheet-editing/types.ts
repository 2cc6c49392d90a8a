import type { Block, ContentItem } from '../composer';
import type { Dose, DoseWhy } from '../dose';
import type { PastExercise } from '../progression';
import type { Intent, KitId, LeverValues, MethodId, Reason, SessionShape, SplitDay } from '../vocabulary';

/** An exercise of a sheet as the trainer arranged it, as far as it is saved. */
export interface EditedItem extends ContentItem {
  values: LeverValues;
  method: MethodId;
  /** Whether the trainer chose the method; otherwise it follows the load. */
  methodChosen: boolean;
  /** Why this movement, at these settings. */
  chosenWhy: readonly Reason[];
}

/** What a sheet is beside its exercises. */
export interface SheetFrame {
  shape: SessionShape;
  intent: Intent;
  /** Null where it is no split. */
  splitDay: SplitDay | null;
  /** Minutes there are. */
  minutesBudget: number;
  /** Where it is trained; null: the usual place. */
  kitId: KitId | null;
}

/** A whole sheet as it is saved. */
export interface EditedSheet extends SheetFrame {
  blocks: Block[];
  items: EditedItem[];
}

/** What was worked out for an exercise when it was put on a sheet. */
export interface Made {
  variationId: string;
  proposed: Dose;
  why: DoseWhy;
  past?: readonly PastExercise[];
}

/** An exercise just put on: what was worked out for it rides along until it is saved, and its id is given only then. */
export interface DraftItem extends EditedItem {
  made?: Made;
}

/** A sheet as an edit would leave it. Every saved sheet is one with nothing to settle. */
export interface DraftSheet extends SheetFrame {
  blocks: Block[];
  items: DraftItem[];
}
