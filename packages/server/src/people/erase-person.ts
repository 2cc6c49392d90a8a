import { erasePerson as erase } from '../person/erase-person';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';

export const erasePerson: Operation<'erasePerson'> = async ({ scope, context }, { params }) => {
  await erase(scope, (await findPerson(scope, params.personId)).id, context.clock.now().toISOString());
  return { erased: true as const };
};
