import { readStudio } from '../../house/read-studio';
import { checkVersion } from '../../shared/find';
import { runCommand } from '../../shared/run-command';
import type { Handler } from '../../http/handler';

export const saveStudio: Handler<'saveStudio'> = async ({ params, body, caller }, context) => {
  const { studioId: id } = caller;
  await runCommand(context, caller, { endpointId: 'saveStudio', params, body }, async (scope) => {
    const stored = await scope.studio();
    if (!stored) throw new Error(`studio ${id} is gone`);
    checkVersion(stored.version, body.version, 'studio');
    const { name, unit, timeZone } = body;
    await scope.saveStudio({ ...stored, name, unit, timeZone, version: stored.version + 1 });
    return {};
  });
  // The time zone goes along with every caller.
  context.knownSignIns.forgetAll();
  return readStudio(context.db.read(id));
};
