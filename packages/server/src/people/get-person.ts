import { readPerson } from '../pages/read-person';
import { findPersonFile } from '../person/person-file';
import type { Operation } from '../shared/work';

export const getPerson: Operation<'getPerson'> = async ({ scope, context, caller }, { params }) => {
  return readPerson(scope, context, caller, await findPersonFile(scope, context, params.personId));
};
