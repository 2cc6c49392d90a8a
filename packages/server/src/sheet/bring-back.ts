import { findPersonFile } from '../person/person-file';
import { roleOf } from '@drubo/core/loop';
import { AppError } from '../shared/errors';
import { checkVersion, findSheet } from '../shared/find';
import type { Operation } from '../shared/work';
import { replanSheet } from './next-sheet';
import { readSheet } from './read-sheet';

export const bringBack: Operation<'bringBack'> = async ({ scope, context, caller }, { params, body }) => {
  const sheet = await findSheet(scope, params.sheetId);
  checkVersion(sheet.version, body.version, 'sheet');
  const dayRole = sheet.dayRole ?? roleOf(sheet.splitDay);
  const where = { personId: sheet.personId, dayRole, slot: params.slot };
  const track = await scope.one('tracks', where);
  if (sheet.state !== 'next' || !track?.leftOut) throw new AppError('not-found', 'Nothing was left out here.');
  await scope.update('tracks', { leftOut: false }, where);
  const file = await findPersonFile(scope, context, sheet.personId);
  await replanSheet(scope, context, file, caller.timeZone, true);
  return readSheet(scope, context, file, await findSheet(scope, sheet.id));
};
