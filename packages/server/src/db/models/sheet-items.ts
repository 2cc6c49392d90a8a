import type { Dose, DoseWhy } from '@drubo/core';
import type { LeverValues, MethodId, Reason, SheetId } from '@drubo/core/vocabulary';
import type { TrackMemory } from '@drubo/core/judging';
import { defineTable } from './define-table';

export interface SheetItemRow {
  studioId: string;
  id: string;
  sheetId: SheetId;
  position: number;
  blockId: string;
  /** Whether the trainer put it there or changed its movement. */
  isOwn: boolean;
  /** Taken off; kept because sets of a discarded try point at it. */
  removed: boolean;
  slot: string;
  variationId: string;
  values: LeverValues;
  method: MethodId;
  methodChosen: boolean;
  feelers: number;
  /** The track's dose when the sheet was made, without the caps of the first weeks. */
  trackDose: Dose;
  proposed: Dose;
  dose: Dose;
  why: DoseWhy;
  /** Why this movement, at these settings. */
  chosenWhy: Reason[];
  /** What its track remembered when it was planned. */
  memory: TrackMemory;
}

export const sheetItems = defineTable<SheetItemRow>('sheet_items', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  sheetId: 'text',
  position: 'integer',
  blockId: 'text',
  isOwn: 'flag',
  removed: 'flag',
  slot: 'text',
  variationId: 'text',
  values: { as: 'json', column: 'leverValues' },
  method: 'text',
  methodChosen: 'flag',
  feelers: 'integer',
  trackDose: 'json',
  proposed: 'json',
  dose: 'json',
  why: 'json',
  chosenWhy: 'json',
  memory: 'json',
});
