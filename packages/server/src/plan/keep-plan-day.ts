import { kitOfDay, nextSheet } from '@drubo/core/loop';
import { dayKeyOf, findDay } from '@drubo/core/weeks';
import { dateOfDay } from '@drubo/core';
import { composingOf, inputAt } from '../person/composing-of';
import { findPersonFile } from '../person/person-file';
import { AppError } from '../shared/errors';
import { findSheet, refuseErased } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { madeAfter } from '../sheet/next-sheet';
import { readSheet } from '../sheet/read-sheet';
import { planFields, planRows } from '../sheet/sheet-plan';

/** Makes the sheet of a further day and keeps it for that day. Until somebody wants to change it, it is only proposed. */
export const keepPlanDay: Operation<'keepPlanDay'> = async ({ scope, context, caller }, { params, body }) => {
  await refuseErased(scope, 'sheets', params.sheetId);
  const file = await findPersonFile(scope, context, params.personId);
  const { plan, trained } = await file.plan();
  const found = plan && findDay(plan.block, body.dayId);
  const isDone = trained.some(({ dayId }) => dayId === body.dayId);
  if (!found || isDone) {
    throw new AppError('invalid-input', 'There is no such day to come.', [
      { path: 'body.dayId', message: isDone ? 'was trained already' : 'is no day of their plan' },
    ]);
  }
  const planDay = dayKeyOf(plan.block, body.dayId);
  const known = await scope.all('sheets', { personId: file.person.id, planDay, state: ['next', 'later', 'started'] });
  if (known.length > 0 || (await scope.one('sheets', { id: params.sheetId }))) {
    throw new AppError('id-in-use', 'There is a sheet for this day already.', [
      { path: 'body.dayId', message: 'has a sheet already: open that one' },
    ]);
  }
  const now = context.clock.now();
  const today = localDateOf(now, caller.timeZone);
  const { composing, catalogue } = await composingOf(scope, file, today, { planDay });
  const after = await madeAfter(scope, context, file.person.id, composing, null);
  const at = inputAt(composing, catalogue, kitOfDay(composing.planned, after.last?.kitId ?? null));
  const made = nextSheet({ ...at, trainsOn: found.day.day }, after);
  const id = params.sheetId;
  await scope.insert('sheets', {
    id,
    personId: file.person.id,
    version: 1,
    attempt: 0,
    state: 'later',
    createdAt: now.toISOString(),
    plannedOn: today,
    forDate: dateOfDay(found.day.day),
    plannedMinutes: null,
    ...planFields(made),
  });
  await scope.insertAll('sheetItems', planRows(id, made));
  return readSheet(scope, context, file, await findSheet(scope, id));
};
