import type { Dose, DoseWhy } from '../dose';
import type { LeverValues, MethodId, Reason, Verdict } from '../vocabulary';

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
}

/** Something that had to stay off a sheet, and why. */
export interface LeftOff {
  slot: string;
  /** Null where nothing had been chosen for the slot. */
  variationId: string | null;
  reasons: readonly Reason[];
}
