import { findPersonFile } from '../person/person-file';
import { composingOf, forPhone } from '../person/composing-of';
import { findSheet } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { fitWaiting } from './fit-waiting';
import { itemsOf } from './sheet-items';

export const getComposing: Operation<'getComposing'> = async (work, { params }) => {
  const { scope, context, caller } = work;
  const sheet = await findSheet(scope, params.sheetId);
  await fitWaiting(work, [sheet.personId]);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const { composing } = await composingOf(scope, await findPersonFile(scope, context, sheet.personId), today, sheet);
  const items = await itemsOf(scope, sheet.id);
  return forPhone(
    composing,
    items.map(({ variationId }) => variationId),
  );
};
