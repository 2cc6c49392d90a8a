import type { BodyOf, SheetDto } from '@drubo/contracts';
import { feelersLeft, isSameDose } from '@drubo/core';
import { freshOf } from '../fresh-items';
import type { StoredOf } from '../types';
import type { ReducersOf } from './reducer';

/** A sheet arranged as a command says: what the server knows of each exercise stays beside what was set. */
const arranged = (sheet: SheetDto, { content, version }: Omit<BodyOf<'saveSheet'>, 'command'>): SheetDto => {
  const { items, ...shape } = content;
  return {
    ...sheet,
    ...shape,
    version: Math.max(sheet.version, version + 1),
    items: items.map((item): SheetDto['items'][number] => {
      const known = sheet.items.find(({ id, variationId }) => id === item.id && variationId === item.variationId);
      const { proposed, why } = known ?? freshOf(item.id, item);
      return {
        lastTime: sheet.items.find(({ slot }) => slot === item.slot)?.lastTime ?? null,
        past: [],
        ...known,
        ...item,
        proposed,
        why,
        feelers: feelersLeft({ ...item, proposed }),
        edited: !isSameDose(item.dose, proposed),
      };
    }),
  };
};

const newer = (sheet: SheetDto, answered: SheetDto): SheetDto => (answered.version > sheet.version ? answered : sheet);

export const withSavedSheet = (sheet: SheetDto, { params, body, reply }: StoredOf<'saveSheet'>): SheetDto => {
  if (params.sheetId !== sheet.id) return sheet;
  return reply ? newer(sheet, reply) : arranged(sheet, body);
};

/** What comes back is worked out by the server: until it has answered, nothing shows. */
export const withBroughtBack = (sheet: SheetDto, { params, reply }: StoredOf<'bringBack'>): SheetDto =>
  reply && params.sheetId === sheet.id ? newer(sheet, reply) : sheet;

export const sheetReducers: ReducersOf<'getSheet'> = { saveSheet: withSavedSheet, bringBack: withBroughtBack };
