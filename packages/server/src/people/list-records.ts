import { toRecord } from '../db/mappers/rows';
import { recordRevisions } from '../db/queries/person-records';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';

export const listRecords: Operation<'listRecords'> = async ({ scope }, { params }) => {
  const person = await findPerson(scope, params.personId);
  return (await recordRevisions(scope, { personId: person.id })).map(toRecord);
};
