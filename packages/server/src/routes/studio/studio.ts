import type { ReplyOf } from '@drubo/contracts';
import type { Context } from '../../context';
import { toKit, toStudio, toTrainer } from '../../db/mappers/rows';
import type { Handler } from '../../http/handler';
import { checkVersion } from '../../shared/find';
import { runCommand } from '../../shared/run-command';
import { readOfflinePack } from '../../pages/offline-pack';
import { exportBundle } from '../../transfer/export-bundle';

const readStudio = async (context: Context, studioId: string): Promise<ReplyOf<'getStudio'>> => {
  const scope = context.db.read(studioId);
  const studio = await scope.studio();
  if (!studio) throw new Error(`studio ${studioId} is gone`);
  const kits = await scope.all('kits', {}, { order: [['id', 'ASC']] });
  const trainers = await scope.all('trainers', {}, { order: [['name', 'ASC']] });
  return {
    studio: toStudio(studio),
    kits: kits.map(toKit),
    trainers: trainers.map(toTrainer),
  };
};

export const getStudio: Handler<'getStudio'> = ({ caller }, context) => readStudio(context, caller.studioId);

export const saveStudio: Handler<'saveStudio'> = async ({ body, params, caller }, context) => {
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
  context.knownSignIns.clear();
  return readStudio(context, id);
};

export const getOfflinePack: Handler<'getOfflinePack'> = ({ caller }, context) => readOfflinePack(context, caller);

export const exportStudio: Handler<'exportStudio'> = ({ caller }, context) => exportBundle(context, caller.studioId);

export const getHealth: Handler<'getHealth'> = async (_input, context) => {
  await context.db.across.ping();
  return { status: 'ok', version: '0.1.0' };
};
