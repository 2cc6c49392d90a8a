import type { SheetId } from '@drubo/core/vocabulary';
import type { SheetItem, SheetPlan } from '@drubo/core/loop';
import type { SheetItemRow, SheetRow } from '../db/models';

/** An exercise as it is stored, as the loop reads it. */
export const toSheetItem = (row: Omit<SheetItemRow, 'studioId'>): SheetItem => ({
  id: row.id,
  blockId: row.blockId,
  slot: row.slot,
  variationId: row.variationId,
  values: row.values,
  method: row.method,
  methodChosen: row.methodChosen,
  feelers: row.feelers,
  trackDose: row.trackDose,
  proposed: row.proposed,
  dose: row.dose,
  why: row.why,
  chosenWhy: row.chosenWhy,
  memory: row.memory,
  isOwn: row.isOwn,
});

/** A stored sheet with its exercises, as the loop reads it. */
export const toSheetPlan = (sheet: SheetRow, rows: readonly SheetItemRow[]): SheetPlan => {
  const { shape, intent, splitDay, dayRole, planDay, minutesBudget, kitId, blocks, isShaped, gaveUp, leftOff } = sheet;
  return {
    shape,
    intent,
    splitDay,
    dayRole,
    planDay,
    minutesBudget,
    kitId,
    blocks,
    isShaped,
    gaveUp,
    leftOff,
    items: rows.map(toSheetItem),
  };
};

/** What a sheet's row holds of a plan. */
export const planFields = ({ items: _, blocks, gaveUp, leftOff, ...plan }: SheetPlan) => ({
  ...plan,
  blocks: [...blocks],
  gaveUp: [...gaveUp],
  leftOff: [...leftOff],
});

/** The exercises of a plan as they are stored. */
export const planRows = (sheetId: SheetId, { items }: Pick<SheetPlan, 'items'>): Omit<SheetItemRow, 'studioId'>[] =>
  items.map(({ chosenWhy, ...item }, position) => ({
    ...item,
    sheetId,
    position,
    removed: false,
    chosenWhy: [...chosenWhy],
  }));
