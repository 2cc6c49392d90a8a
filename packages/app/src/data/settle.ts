import type { ContentItemDto, SheetContentDto } from '@drubo/contracts';
import { settleItem, settleSheet } from '@drubo/core/sheet-editing';
import type { DraftItem, DraftSheet } from '@drubo/core/sheet-editing';
import { newId } from './ids';
import { rememberFresh } from './offline/fresh-items';

/** An edited sheet as it is sent. What was worked out for its new exercises is shown until the server has answered. */
export const sheetToSend = (draft: DraftSheet): SheetContentDto => {
  const { sheet, made } = settleSheet(draft, newId);
  for (const { itemId, made: worked } of made) rememberFresh(itemId, worked);
  return sheet;
};

/** An exercise put into a running session, as it is sent. */
export const itemToSend = (draft: DraftItem): ContentItemDto => {
  const { item, made } = settleItem(draft, newId);
  if (made) rememberFresh(item.id, made);
  return item;
};
