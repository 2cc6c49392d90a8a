import type { PersonId } from '@drubo/core/vocabulary';
import { unfittedOf } from '../db/queries/unfitted';
import { findPersonFile } from '../person/person-file';
import type { Work } from '../shared/work';
import { replanSheet } from './next-sheet';

/**
 * Fits sheets that wait to a kit that was changed since, before they are read: a write a person, so that a set logged
 * meanwhile waits for one of them at most. Nothing is written where none is waiting for it.
 */
export const fitWaiting = async ({ scope, context, caller }: Work, personIds: readonly PersonId[]): Promise<void> => {
  for (const personId of await unfittedOf(scope, personIds)) {
    await context.db.write(scope.studioId, async (inner) =>
      replanSheet(inner, context, await findPersonFile(inner, context, personId), caller.timeZone),
    );
  }
};
