import { erasePerson as erase } from '../person/erase-person';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';

export const erasePerson: Operation<'erasePerson'> = async ({ scope, context }, { params }) => {
  const { id } = await findPerson(scope, params.personId);
  const erasedAt = context.clock.now().toISOString();
  await erase(scope, id, erasedAt);
  scope.afterwards(() => context.keeper.noteErased([{ studioId: scope.studioId, id, erasedAt }]));
  return { erased: true as const };
};
