import { findPersonFile } from '../person/person-file';
import { findSheet } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { readSheet } from './read-sheet';

export const getSheet: Operation<'getSheet'> = async ({ scope, context, caller }, { params }) => {
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const sheet = await findSheet(scope, params.sheetId);
  return readSheet(scope, context, await findPersonFile(scope, context, sheet.personId), sheet, today);
};
