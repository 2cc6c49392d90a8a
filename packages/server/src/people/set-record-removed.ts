import { personFile } from '../person/person-file';
import { toRecord } from '../db/mappers/rows';
import { CHANGES_SHEETS } from './changes-sheets';
import { checkFor, lastRevision, takeMeasure } from './record-parts';
import { checkRecord } from '../person/check-record';
import { keepLiftStandings } from '../person/place-by-hand';
import { AppError } from '../shared/errors';
import { findPerson } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { replanSheet } from '../sheet/next-sheet';

export const setRecordRemoved: Operation<'setRecordRemoved'> = async ({ scope, context, caller }, { params, body }) => {
  const person = await findPerson(scope, params.personId);
  const before = await lastRevision(scope, params.recordId, person);
  if (!before) throw new AppError('not-found', 'There is no record with this id here.');
  if (before.kind === 'placement') {
    throw new AppError('invalid-input', 'A placement is undone by placing again.', [
      { path: 'params.recordId', message: 'is a placement: place the person again instead' },
    ]);
  }
  if (before.removed === body.removed) return toRecord(before);
  const now = context.clock.now();
  // What comes back has to fit what was saved meanwhile.
  if (!body.removed) {
    checkRecord(await checkFor(scope, person, params.recordId, localDateOf(now, caller.timeZone)), before.fields);
  }
  const savedAt = now.toISOString();
  const row = { ...before, revision: before.revision + 1, removed: body.removed, savedAt, trainerId: caller.trainerId };
  const { studioId: _, ...values } = row;
  await scope.insert('personRecords', values);
  const measured = before.kind === 'measure' ? await takeMeasure(scope, person) : person;
  // Each of these reads what the one before it wrote.
  const file = () => personFile(scope, context, measured);
  if (before.kind === 'known-lift') await keepLiftStandings(scope, file(), localDateOf(now, caller.timeZone));
  if (CHANGES_SHEETS.has(before.kind)) await replanSheet(scope, context, file(), caller.timeZone);
  return toRecord(row);
};
