import { findPersonFile } from '../person/person-file';
import { findSheet } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { fitWaiting } from './fit-waiting';
import { readSheet } from './read-sheet';

export const getSheet: Operation<'getSheet'> = async (work, { params }) => {
  const { scope, context, caller } = work;
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const { personId } = await findSheet(scope, params.sheetId);
  await fitWaiting(work, [personId]);
  const sheet = await findSheet(scope, params.sheetId);
  return readSheet(scope, context, await findPersonFile(scope, context, personId), sheet, today);
};
