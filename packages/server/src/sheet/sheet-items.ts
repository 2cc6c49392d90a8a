import type { SheetId } from '@drubo/core/vocabulary';
import type { PlannedItem } from '@drubo/core/composing';
import type { SheetItemRow } from '../db/models';
import type { Scope } from '../db/scope';

/** The exercises of a sheet in order, those taken off left out. */
export const itemsOf = (scope: Scope, sheetId: SheetId): Promise<SheetItemRow[]> =>
  scope.all('sheetItems', { sheetId, removed: false }, { order: [['position', 'ASC']] });

/** Where a planned exercise stands on a sheet. */
export interface Standing {
  id: string;
  sheetId: SheetId;
  position: number;
  blockId: string;
  isOwn: boolean;
}

/** A planned exercise as it is stored. */
export const asRow = (item: PlannedItem, at: Standing): Omit<SheetItemRow, 'studioId'> => ({
  ...at,
  removed: false,
  slot: item.slot,
  variationId: item.variationId,
  values: item.values,
  method: item.method,
  methodChosen: item.methodChosen,
  feelers: item.feelers,
  trackDose: item.trackDose,
  proposed: item.dose,
  dose: item.dose,
  why: item.why,
  chosenWhy: [...item.chosenWhy],
  memory: item.memory,
});

/** Makes a sheet's exercises exactly these. Rows that leave are kept, marked, as sets of a discarded try may point at them. */
export const writeItems = async (
  scope: Scope,
  sheetId: SheetId,
  rows: readonly Omit<SheetItemRow, 'studioId'>[],
): Promise<void> => {
  const stored = await scope.all('sheetItems', { sheetId });
  for (const row of rows) {
    const { id, ...values } = row;
    if (stored.some((known) => known.id === id)) await scope.update('sheetItems', values, { id });
    else await scope.insert('sheetItems', row);
  }
  const gone = stored.filter((known) => !known.removed && !rows.some(({ id }) => id === known.id));
  for (const { id } of gone) await scope.update('sheetItems', { removed: true }, { id });
};
