import type { SheetDto } from '@drubo/contracts';

/**
 * A sheet as a session begins with it here, before the server has answered: what safety asks for and what was taken of the
 * changes since it was agreed, as last read.
 */
export const fixedHere = (sheet: SheetDto, taken: readonly string[]): SheetDto => {
  const applied = (sheet.since ?? []).filter(({ id, isSafety }) => isSafety || taken.includes(id));
  if (applied.length === 0) return sheet;
  const items = sheet.items.flatMap((item): SheetDto['items'] => {
    const change = applied.find(({ itemId }) => itemId === item.id);
    if (!change) return [item];
    const { after, reasons } = change;
    if (!after) return [];
    const isOther = after.variationId !== item.variationId;
    return [
      {
        ...item,
        ...after,
        proposed: after.dose,
        edited: false,
        chosenWhy: reasons,
        ...(isOther ? { past: [], feelers: 0, isOwn: false } : {}),
      },
    ];
  });
  return { ...sheet, since: [], items, blocks: sheet.blocks.filter(({ id }) => items.some(({ blockId }) => blockId === id)) };
};
