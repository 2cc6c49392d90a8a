import type { ItemId } from '@drubo/core/vocabulary';
import type { SheetItemDto } from '@drubo/contracts';
import type { Made } from '@drubo/core/sheet-editing';

/** What this device worked out for exercises the server hasn't answered about yet, by their id. Lost on a reload. */
const fresh = new Map<string, Made>();

export const rememberFresh = (itemId: ItemId, made: Made): void => void fresh.set(itemId, made);

const NOTHING: SheetItemDto['why'] = { sets: [], reps: [], load: [], tempo: [], rest: [], reserve: [] };

/** The proposal and reasons of an exercise put on a sheet here; its own numbers and none where they are not known. */
export const freshOf = (
  itemId: ItemId,
  { variationId, dose }: Pick<SheetItemDto, 'variationId' | 'dose'>,
): Pick<SheetItemDto, 'proposed' | 'why' | 'past'> => {
  const known = fresh.get(itemId);
  return known?.variationId === variationId
    ? { proposed: known.proposed, why: known.why, past: known.past ?? [] }
    : { proposed: dose, why: NOTHING, past: [] };
};
