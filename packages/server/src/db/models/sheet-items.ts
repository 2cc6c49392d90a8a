import type { Dose, DoseWhy } from '@drubo/core';
import type { MethodId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface SheetItemRow {
  studioId: string;
  id: string;
  sheetId: string;
  position: number;
  slot: string;
  variationId: string;
  method: MethodId;
  /** The track's dose when the sheet was made, without the caps of the first weeks. */
  trackDose: Dose;
  proposed: Dose;
  dose: Dose;
  why: DoseWhy;
}

export const sheetItems = defineTable<SheetItemRow>('sheet_items', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  sheetId: 'text',
  position: 'integer',
  slot: 'text',
  variationId: 'text',
  method: 'text',
  trackDose: 'json',
  proposed: 'json',
  dose: 'json',
  why: 'json',
});
