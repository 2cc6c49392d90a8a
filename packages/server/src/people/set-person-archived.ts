import { toPerson } from '../db/mappers/rows';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';

export const setPersonArchived: Operation<'setPersonArchived'> = async ({ scope, context }, { params, body }) => {
  const row = await findPerson(scope, params.personId);
  const archivedAt = body.archived ? (row.archivedAt ?? context.clock.now().toISOString()) : null;
  await scope.update('people', { archivedAt }, { id: row.id });
  return toPerson({ ...row, archivedAt });
};
