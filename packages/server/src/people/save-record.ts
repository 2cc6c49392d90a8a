import { personFile } from '../person/person-file';
import { toRecord } from '../db/mappers/rows';
import { CHANGES_SHEETS } from './changes-sheets';
import { checkFor, lastRevision, takeMeasure } from './record-parts';
import { checkKnownLift, checkRecord, rungPlacedOn } from '../person/check-record';
import { keepLiftStandings, placeByHand, standByLift } from '../person/place-by-hand';
import { AppError } from '../shared/errors';
import { findPerson, refuseErased } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { replanSheet } from '../sheet/next-sheet';

export const saveRecord: Operation<'saveRecord'> = async ({ scope, context, caller }, { params, body }) => {
  await refuseErased(scope, 'people', params.personId);
  const person = await findPerson(scope, params.personId);
  const { fields } = body;
  const now = context.clock.now();
  const before = await lastRevision(scope, params.recordId, person);
  if (before && before.kind !== fields.kind) {
    throw new AppError('invalid-input', 'A record keeps its kind.', [
      { path: 'body.fields.kind', message: `is ${before.kind} here` },
    ]);
  }
  const check = await checkFor(scope, person, params.recordId, localDateOf(now, caller.timeZone));
  checkRecord(check, fields);
  const today = localDateOf(now, caller.timeZone);
  if (fields.kind === 'placement')
    await placeByHand(scope, personFile(scope, context, person), { ...rungPlacedOn(fields), today, why: fields.why });
  if (fields.kind === 'known-lift') await checkKnownLift(scope, context, fields);
  const row = {
    id: params.recordId,
    revision: (before?.revision ?? 0) + 1,
    personId: person.id,
    kind: fields.kind,
    fields,
    removed: false,
    savedAt: now.toISOString(),
    trainerId: caller.trainerId,
  };
  await scope.insert('personRecords', row);
  const measured = fields.kind === 'measure' ? await takeMeasure(scope, person) : person;
  // Each of these reads what the one before it wrote.
  const file = () => personFile(scope, context, measured);
  const isStanding = fields.kind === 'known-lift' && (await standByLift(scope, file(), { ...fields, today }));
  if (fields.kind === 'known-lift') await keepLiftStandings(scope, file(), today);
  const isPlaced = fields.kind === 'placement' || isStanding;
  if (CHANGES_SHEETS.has(fields.kind)) await replanSheet(scope, context, file(), caller.timeZone, isPlaced);
  return toRecord({ ...row, studioId: scope.studioId });
};
