import { z } from 'zod';
import { MAIN_FAMILIES, METHODS } from '@drubo/core/vocabulary';
import { command, id, version } from '../dto/basics';
import { dose } from '../dto/dose';
import { sheet } from '../dto/sheet';
import { defineEndpoint } from './define';

const sheetParams = z.strictObject({ sheetId: id });

export const sheetEndpoints = {
  getSheet: defineEndpoint({
    id: 'getSheet',
    method: 'GET',
    path: '/api/sheets/:sheetId',
    summary: 'A sheet with last time’s numbers beside this time’s',
    target: 'needs-existing',
    params: sheetParams,
    reply: sheet,
    errors: ['not-found', 'erased'],
  }),
  editSheetItem: defineEndpoint({
    id: 'editSheetItem',
    method: 'PUT',
    path: '/api/sheets/:sheetId/items/:itemId',
    summary: "Change an exercise's numbers before the session starts",
    target: 'needs-existing',
    params: z.strictObject({ sheetId: id, itemId: id }),
    body: z.strictObject({
      command,
      version,
      dose,
      /** How it progresses from now on; left out: as it was. */
      method: z.enum(METHODS).optional(),
    }),
    reply: sheet,
    errors: ['not-found', 'erased', 'stale-version', 'sheet-started'],
  }),
  bringBack: defineEndpoint({
    id: 'bringBack',
    method: 'PUT',
    path: '/api/sheets/:sheetId/left-out/:slot',
    summary: 'Bring an exercise that was left out back onto the sheet',
    target: 'needs-existing',
    params: z.strictObject({ sheetId: id, slot: z.enum(MAIN_FAMILIES) }),
    body: z.strictObject({ command, version }),
    reply: sheet,
    errors: ['not-found', 'erased', 'stale-version'],
  }),
};
