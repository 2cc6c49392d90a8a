import type { PersonId } from '@drubo/core/vocabulary';
import type { KitDto } from '@drubo/contracts';
import { toKit } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

/** Kits a person may train with: the studio's first, then their own home's. */
export const kitsFor = async (scope: Scope, personId: PersonId): Promise<KitDto[]> => {
  const byId: { order: [string, string][] } = { order: [['id', 'ASC']] };
  const shared = await scope.all('kits', { personId: null }, byId);
  const rows = [...shared, ...(await scope.all('kits', { personId }, byId))];
  // The studio's main room is what a person trains in when nobody said where.
  const rank = ({ personId: owner, place }: KitDto): number => (owner !== null ? 2 : place === 'studio' ? 0 : 1);
  return rows.map(toKit).sort((a, b) => rank(a) - rank(b));
};
