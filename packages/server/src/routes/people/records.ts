import { recordsOf } from '@drubo/contracts';
import type { RecordFields } from '@drubo/contracts';
import { toRecord } from '../../db/mappers/rows';
import type { PersonRow } from '../../db/models';
import type { Scope } from '../../db/scope';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { checkKnownLift, checkRecord, rungPlacedOn } from '../../person/check-record';
import type { RecordCheck } from '../../person/check-record';
import { findPerson, refuseErased } from '../../shared/find';
import { localDateOf } from '../../shared/local-date';
import { replanSheet } from '../../sheet/next-sheet';
import { currentRecords, recordRevisions } from '../../db/queries/person-records';
import { intakeOf } from '../../person/intake-of';
import { keepLiftStandings, placeByHand, standByLift } from '../../person/place-by-hand';
import { runCommand } from '../../shared/run-command';

/** Kinds that change what may be on a sheet nobody has trained yet. */
const CHANGES_SHEETS = new Set<RecordFields['kind']>([
  'measure',
  'limit',
  'clearance',
  'sign',
  'screening',
  'placement',
  'known-lift',
]);

export const listRecords: Handler<'listRecords'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const person = await findPerson(scope, params.personId);
  return (await recordRevisions(scope, { personId: person.id })).map(toRecord);
};

export const saveRecord: Handler<'saveRecord'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveRecord', params, body }, async (scope) => {
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
      await placeByHand(scope, context, person, { ...rungPlacedOn(fields), today, why: fields.why });
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
    const isStanding = fields.kind === 'known-lift' && (await standByLift(scope, context, person, { ...fields, today }));
    if (fields.kind === 'known-lift') await keepLiftStandings(scope, context, person, today);
    const isPlaced = fields.kind === 'placement' || isStanding;
    if (CHANGES_SHEETS.has(fields.kind)) await replanSheet(scope, context, measured, caller.timeZone, isPlaced);
    return toRecord({ ...row, studioId: scope.studioId });
  });

export const setRecordRemoved: Handler<'setRecordRemoved'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'setRecordRemoved', params, body }, async (scope) => {
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
    if (before.kind === 'known-lift') await keepLiftStandings(scope, context, person, localDateOf(now, caller.timeZone));
    if (CHANGES_SHEETS.has(before.kind)) await replanSheet(scope, context, measured, caller.timeZone);
    return toRecord(row);
  });

/** What a record is checked against as things stand. */
const checkFor = async (scope: Scope, person: PersonRow, recordId: string, today: string): Promise<RecordCheck> => ({
  person,
  recordId,
  intake: await intakeOf(scope, person.id),
  records: await currentRecords(scope, person.id),
  today,
});

/** The newest revision of a record of this person; another person's record is not found here. */
const lastRevision = async (scope: Scope, id: string, person: PersonRow) => {
  const newest = (await recordRevisions(scope, { id })).sort((a, b) => a.revision - b.revision).at(-1);
  if (newest && newest.personId !== person.id) throw new AppError('not-found', 'There is no record with this id here.');
  return newest;
};

/** Body mass and height follow the latest day they were measured on. */
const takeMeasure = async (scope: Scope, person: PersonRow): Promise<PersonRow> => {
  const measures = recordsOf(await currentRecords(scope, person.id), 'measure')
    .map(({ fields }) => fields)
    .sort((a, b) => a.on.localeCompare(b.on));
  const massKg = measures.flatMap((fields) => fields.massKg ?? []).at(-1) ?? null;
  const heightCm = measures.flatMap((fields) => fields.heightCm ?? []).at(-1) ?? null;
  if (massKg === person.massKg && heightCm === person.heightCm) return person;
  const version = person.version + 1;
  await scope.update('people', { massKg, heightCm, version }, { id: person.id });
  return { ...person, massKg, heightCm, version };
};
