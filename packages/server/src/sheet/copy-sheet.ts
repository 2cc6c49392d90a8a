import { findPersonFile } from '../person/person-file';
import { AppError } from '../shared/errors';
import { findSheet, refuseErased } from '../shared/find';
import type { Operation } from '../shared/work';
import { readSheet } from './read-sheet';
import { itemsOf } from './sheet-items';

export const copySheet: Operation<'copySheet'> = async ({ scope, context }, { params, body }) => {
  await refuseErased(scope, 'sheets', params.copyId);
  if (await scope.one('sheets', { id: params.copyId })) {
    throw new AppError('id-in-use', 'There is a sheet with this id already.', [
      { path: 'params.copyId', message: 'is another sheet’s: a copy needs an id of its own' },
    ]);
  }
  const sheet = await findSheet(scope, params.sheetId);
  const items = await itemsOf(scope, sheet.id);
  const { studioId: _, ...own } = sheet;
  const now = context.clock.now().toISOString();
  // It is kept for a day of the calendar, beside the plan's own.
  const copy = { ...own, id: params.copyId, version: 1, attempt: 0, createdAt: now, isShaped: true, planDay: null };
  await scope.insert('sheets', { ...copy, state: 'later', forDate: body.on });
  await scope.insertAll(
    'sheetItems',
    items.map((item) => ({ ...item, id: context.newId(), sheetId: copy.id, isOwn: true })),
  );
  return readSheet(scope, context, await findPersonFile(scope, context, copy.personId), await findSheet(scope, copy.id));
};
