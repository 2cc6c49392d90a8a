import { personFile } from '../person/person-file';
import { toPerson } from '../db/mappers/rows';
import { noteMeasure } from '../person/note-measure';
import { AppError } from '../shared/errors';
import { checkVersion, refuseErased } from '../shared/find';
import type { Operation } from '../shared/work';
import { makeNextSheet, openSheet, replanSheet } from '../sheet/next-sheet';

export const savePerson: Operation<'savePerson'> = async ({ scope, context, caller }, { params, body }) => {
  const { command: _, version, ...fields } = body;
  const id = params.personId;
  await refuseErased(scope, 'people', id);
  const stored = await scope.one('people', { id });
  if (!stored) {
    if (version !== 0) throw new AppError('not-found', 'There is no person with this id here.');
    const createdAt = context.clock.now().toISOString();
    const row = { id, version: 1, ...fields, archivedAt: null, createdAt, loadedBefore: false };
    await scope.insert('people', row);
    await noteMeasure(scope, context, caller, row, null);
    await makeNextSheet(scope, context, personFile(scope, context, { ...row, studioId: scope.studioId }), caller);
    return row;
  }
  checkVersion(stored.version, version, 'person');
  const row = { ...stored, ...fields, version: version + 1 };
  await scope.update('people', { ...fields, version: row.version }, { id });
  await noteMeasure(scope, context, caller, row, stored);
  // Loads and reps follow goal, training age and body mass only while nothing has been decided from logs.
  const isRefit =
    stored.goal !== row.goal ||
    stored.trainingAge !== row.trainingAge ||
    stored.massKg !== row.massKg ||
    stored.minutes !== row.minutes;
  if (isRefit && (await openSheet(scope, id))?.state === 'next') {
    await replanSheet(scope, context, personFile(scope, context, row), caller.timeZone, true);
  }
  return toPerson(row);
};
