import type { KitDto } from '@drubo/contracts';
import type { Scope } from '../db/scope';

/** The studio's kit; one for now. An unknown kit can make no load, so its absence is a mistake of ours. */
export const studioKit = async (scope: Scope): Promise<KitDto> => {
  const [kit] = await scope.all('kits', {}, { order: [['id', 'ASC']], limit: 1 });
  if (!kit) throw new Error(`studio ${scope.studioId} has no kit`);
  return { id: kit.id, name: kit.name, pieces: kit.pieces, machines: kit.machines, gear: kit.gear };
};
