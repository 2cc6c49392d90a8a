import type { ReplyOf } from '@drubo/contracts';
import type { Scope } from '../db/scope';
import { toKit, toStudio, toTrainer } from '../db/mappers/rows';

export const readStudio = async (scope: Scope): Promise<ReplyOf<'getStudio'>> => {
  const studio = await scope.studio();
  if (!studio) throw new Error(`studio ${scope.studioId} is gone`);
  const kits = await scope.all('kits', {}, { order: [['id', 'ASC']] });
  const trainers = await scope.all('trainers', { removedAt: null }, { order: [['name', 'ASC']] });
  return {
    studio: toStudio(studio),
    kits: kits.map(toKit),
    trainers: trainers.map(toTrainer),
  };
};
