import { readPerson } from '../pages/read-person';
import { findPersonFile } from '../person/person-file';
import type { Operation } from '../shared/work';
import { fitWaiting } from '../sheet/fit-waiting';

export const getPerson: Operation<'getPerson'> = async (work, { params }) => {
  const { scope, context, caller } = work;
  await fitWaiting(work, [params.personId]);
  return readPerson(scope, context, caller, await findPersonFile(scope, context, params.personId));
};
