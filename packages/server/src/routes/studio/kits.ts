import { toKit } from '../../db/mappers/rows';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { checkVersion, findKit, findPerson, refuseErased } from '../../shared/find';
import { replanSheet } from '../../sheet/next-sheet';
import { runCommand } from '../../shared/run-command';

export const saveKit: Handler<'saveKit'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveKit', params, body }, async (scope) => {
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
    for (const person of people) await replanSheet(scope, context, person, caller.timeZone);
    return toKit(row);
  });

export const removeKit: Handler<'removeKit'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'removeKit', params, body }, async (scope) => {
    const kit = await findKit(scope, params.kitId);
    const studioKits = await scope.all('kits', { personId: null });
    if (kit.personId === null && studioKits.length === 1) {
      throw new AppError('kit-in-use', 'The studio needs one kit. Change this one instead.');
    }
    const intakes = await scope.all('intakes', {});
    const users = intakes.filter(({ fields }) => fields.places.some(({ kitId }) => kitId === kit.id));
    if (users.length > 0) {
      const people = await scope.all('people', { id: users.map(({ personId }) => personId) });
      throw new AppError(
        'kit-in-use',
        `${people.map(({ name }) => name).join(', ')} train with it. Give them another place first.`,
      );
    }
    await scope.remove('kits', { id: kit.id });
    return { removed: true as const };
  });
