import type { SheetItemDto } from '@drubo/contracts';

/** What this device worked out for exercises the server hasn't answered about yet, by their id. Lost on a reload. */
const fresh = new Map<string, Pick<SheetItemDto, 'variationId' | 'proposed' | 'why'>>();

export const rememberFresh = (itemId: string, item: Pick<SheetItemDto, 'variationId' | 'proposed' | 'why'>): void =>
  void fresh.set(itemId, item);

const NOTHING: SheetItemDto['why'] = { sets: [], reps: [], load: [], tempo: [], rest: [], reserve: [] };

/** The proposal and reasons of an exercise put on a sheet here; its own numbers and none where they are not known. */
export const freshOf = (
  itemId: string,
  { variationId, dose }: Pick<SheetItemDto, 'variationId' | 'dose'>,
): Pick<SheetItemDto, 'proposed' | 'why'> => {
  const known = fresh.get(itemId);
  return known?.variationId === variationId ? { proposed: known.proposed, why: known.why } : { proposed: dose, why: NOTHING };
};
