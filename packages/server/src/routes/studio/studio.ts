import type { ReplyOf } from '@drubo/contracts';
import type { Context } from '../../context';
import { toKit, toStudio, toTrainer } from '../../db/mappers/rows';
import type { Handler } from '../../http/handler';
import { checkVersion } from '../../services/find';
import { runCommand } from '../../services/run-command';
import { readOfflinePack } from '../../services/offline-pack';
import { exportBundle } from '../../transfer/export-bundle';

const readStudio = async (context: Context, studioId: string): Promise<ReplyOf<'getStudio'>> => {
  const studio = (await context.db.models.studios.findByPk(studioId))?.get();
  if (!studio) throw new Error(`studio ${studioId} is gone`);
  const scope = context.db.read(studioId);
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
  await runCommand(context, caller, { endpointId: 'saveStudio', params, body }, async (_scope, transaction) => {
    const { studios } = context.db.models;
    const stored = (await studios.findByPk(id, { transaction }))?.get();
    checkVersion(stored?.version ?? 0, body.version, 'studio');
    const { name, unit, timeZone } = body;
    await studios.update({ name, unit, timeZone, version: body.version + 1 }, { where: { id }, transaction });
    return {};
  });
  // The time zone goes along with every caller.
  context.knownSignIns.clear();
  return readStudio(context, id);
};

export const getOfflinePack: Handler<'getOfflinePack'> = ({ caller }, context) => readOfflinePack(context, caller);

export const exportStudio: Handler<'exportStudio'> = ({ caller }, context) => exportBundle(context, caller.studioId);

export const getHealth: Handler<'getHealth'> = async (_input, context) => {
  await context.db.sequelize.query('SELECT 1');
  return { status: 'ok', version: '0.1.0' };
};
