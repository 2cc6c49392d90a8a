import { personFile } from '../person/person-file';
import { toKit } from '../db/mappers/rows';
import { AppError } from '../shared/errors';
import { checkVersion, findPerson, refuseErased } from '../shared/find';
import type { Operation } from '../shared/work';
import { replanSheet } from '../sheet/next-sheet';

export const saveKit: Operation<'saveKit'> = async ({ scope, context, caller }, { params, body }) => {
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
  // Sheets that wait are fitted to what is there now; somebody else's home changes only their own.
  const people =
    stored.personId === null ? await scope.all('people', { archivedAt: null }) : [await findPerson(scope, stored.personId)];
  for (const person of people) await replanSheet(scope, context, personFile(scope, context, person), caller.timeZone);
  return toKit(row);
};
