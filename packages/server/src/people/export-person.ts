import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';
import { exportBundle } from '../transfer/export-bundle';

export const exportPerson: Operation<'exportPerson'> = async ({ scope, context, caller }, { params }) => {
  const { id } = await findPerson(scope, params.personId);
  return context.db.snapshot(caller.studioId, (snapshot) => exportBundle(snapshot, context.clock.now(), id));
};
