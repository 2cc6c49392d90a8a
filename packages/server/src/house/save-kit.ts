import { toKit } from '../db/mappers/rows';
import { markUnfitted } from '../db/queries/unfitted';
import { AppError } from '../shared/errors';
import { checkVersion, findPerson, refuseErased } from '../shared/find';
import type { Operation } from '../shared/work';

export const saveKit: Operation<'saveKit'> = async ({ scope }, { params, body }) => {
  const { kit, version } = body;
  const id = params.kitId;
  await refuseErased(scope, 'kits', id);
  if (kit.personId !== null) await findPerson(scope, kit.personId);
  const stored = await scope.one('kits', { id });
  if (!stored) {
    if (version !== 0) throw new AppError('not-found', 'There is no kit with this id here.');
    const row = { id, version: 1, ...kit };
    await scope.insert('kits', row);
    return row;
  }
  checkVersion(stored.version, version, 'kit');
  const row = { ...stored, ...kit, personId: stored.personId, version: version + 1 };
  const { studioId: _, id: __, ...values } = row;
  await scope.update('kits', values, { id });
  // Sheets that wait are fitted to what is there now when they are read; somebody's home changes only their own.
  await markUnfitted(scope, stored.personId);
  return toKit(row);
};
