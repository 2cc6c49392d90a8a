import type { SheetContentDto, SheetDto } from './dto/sheet';

/** A sheet as it is saved: what the trainer arranges, without what the server adds to it. */
export const contentOfSheet = (sheet: SheetDto): SheetContentDto => {
  const { shape, intent, splitDay, minutesBudget, kitId, blocks } = sheet;
  return {
    shape,
    intent,
    splitDay,
    minutesBudget,
    kitId,
    blocks,
    items: sheet.items.map(({ id, blockId, slot, variationId, values, method, methodChosen, feelers, dose, chosenWhy }) => ({
      id,
      blockId,
      slot,
      variationId,
      values,
      method,
      methodChosen,
      feelers,
      dose,
      chosenWhy,
    })),
  };
};
