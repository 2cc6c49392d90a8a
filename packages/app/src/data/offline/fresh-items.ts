import type { SheetItemDto } from '@drubo/contracts';

/** What this device worked out for exercises the server hasn't answered about yet, by their id. Lost on a reload. */
type Fresh = Pick<SheetItemDto, 'variationId' | 'proposed' | 'why'> & Partial<Pick<SheetItemDto, 'past'>>;

const fresh = new Map<string, Fresh>();

export const rememberFresh = (itemId: string, item: Fresh): void => void fresh.set(itemId, item);

const NOTHING: SheetItemDto['why'] = { sets: [], reps: [], load: [], tempo: [], rest: [], reserve: [] };

/** The proposal and reasons of an exercise put on a sheet here; its own numbers and none where they are not known. */
export const freshOf = (
  itemId: string,
  { variationId, dose }: Pick<SheetItemDto, 'variationId' | 'dose'>,
): Pick<SheetItemDto, 'proposed' | 'why' | 'past'> => {
  const known = fresh.get(itemId);
  return known?.variationId === variationId
    ? { proposed: known.proposed, why: known.why, past: known.past ?? [] }
    : { proposed: dose, why: NOTHING, past: [] };
};
