import { findPersonFile } from '../person/person-file';
import { composingOf, forPhone } from '../person/composing-of';
import { findSheet } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { itemsOf } from './sheet-items';

export const getComposing: Operation<'getComposing'> = async ({ scope, context, caller }, { params }) => {
  const sheet = await findSheet(scope, params.sheetId);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const { composing } = await composingOf(scope, await findPersonFile(scope, context, sheet.personId), today);
  const items = await itemsOf(scope, sheet.id);
  return forPhone(
    composing,
    items.map(({ variationId }) => variationId),
  );
};
