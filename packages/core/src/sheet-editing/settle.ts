import type { ItemId } from '../vocabulary';
import type { DraftItem, DraftSheet, EditedItem, EditedSheet, Made } from './types';

const PREFIX = 'new:';

/** The stand-in for an id until an exercise is saved; a sheet holds each slot once. */
export const draftId = (slot: string): string => `${PREFIX}${slot}`;

/** An exercise as it is saved, with what was worked out for it kept apart. */
export interface SettledItem {
  item: EditedItem;
  /** Null where nothing was put on: the exercise stood there before. */
  made: Made | null;
}

/** An exercise with an id of its own, ready to be saved. `newId` is asked only where it has none yet. */
export const settleItem = ({ made, ...item }: DraftItem, newId: () => string): SettledItem => ({
  item: item.id.startsWith(PREFIX) ? { ...item, id: newId() } : item,
  made: made ?? null,
});

/** A sheet ready to be saved, and what was worked out for each exercise put on it, by its id. */
export const settleSheet = (
  draft: DraftSheet,
  newId: () => string,
): { sheet: EditedSheet; made: { itemId: ItemId; made: Made }[] } => {
  const settled = draft.items.map((item) => settleItem(item, newId));
  return {
    sheet: { ...draft, items: settled.map(({ item }) => item) },
    made: settled.flatMap(({ item, made }) => (made ? [{ itemId: item.id, made }] : [])),
  };
};
