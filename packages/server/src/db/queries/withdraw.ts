import type { RecordKind } from '@drubo/contracts';
import type { PersonId } from '@drubo/core/vocabulary';
import type { Scope } from '../scope';
import { NO_LONGER_KEPT } from './commands';

/** What stands on a list of the erased for somebody's health notes: they are gone, the person is not. */
const GRAVE = 'health:';
export const graveOfHealth = (personId: PersonId): string => `${GRAVE}${personId}`;
/** Whose health notes an entry of such a list stands for; null where it is somebody's own. */
export const personOfGrave = (id: string): PersonId | null => (id.startsWith(GRAVE) ? id.slice(GRAVE.length) : null);

/**
 * Deletes every revision of what was kept of somebody by these kinds, and what was answered about them; leaves word of it, so
 * that a copy that is brought back loses it again.
 */
export const deleteHealthRows = async (
  scope: Scope,
  personId: PersonId,
  kinds: readonly RecordKind[],
  at: string,
): Promise<void> => {
  await scope.upsert('withdrawals', { personId, at });
  await scope.run('DELETE FROM person_records WHERE studioId = :studioId AND personId = :personId AND kind IN (:kinds)', {
    personId,
    kinds,
  });
  await scope.run('UPDATE commands SET reply = :none WHERE studioId = :studioId AND personId = :personId', {
    personId,
    none: NO_LONGER_KEPT,
  });
};
