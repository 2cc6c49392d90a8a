import { recordsOf } from '@drubo/contracts';
import type { PersonRow } from '../db/models';
import { currentRecords, recordRevisions } from '../db/queries/person-records';
import type { Scope } from '../db/scope';
import type { RecordCheck } from '../person/check-record';
import { intakeOf } from '../person/intake-of';
import { AppError } from '../shared/errors';

/** What a record is checked against as things stand. */
export const checkFor = async (scope: Scope, person: PersonRow, recordId: string, today: string): Promise<RecordCheck> => ({
  person,
  recordId,
  intake: (await intakeOf(scope, person.id)).fields,
  records: await currentRecords(scope, person.id),
  today,
});

/** The newest revision of a record of this person; another person's record is not found here. */
export const lastRevision = async (scope: Scope, id: string, person: PersonRow) => {
  const newest = (await recordRevisions(scope, { id })).sort((a, b) => a.revision - b.revision).at(-1);
  if (newest && newest.personId !== person.id) throw new AppError('not-found', 'There is no record with this id here.');
  return newest;
};

/** Body mass and height follow the latest day they were measured on. */
export const takeMeasure = async (scope: Scope, person: PersonRow): Promise<PersonRow> => {
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
