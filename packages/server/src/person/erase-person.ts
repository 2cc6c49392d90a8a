import type { PersonId } from '@drubo/core/vocabulary';
import { eraseRows } from '../db/queries/erase';
import type { Scope } from '../db/scope';

/**
 * Deletes a person and everything that hangs from them for good, and leaves tombstones so that an id in some phone's
 * queue answers 410. What was answered about them goes too.
 */
export const erasePerson = (scope: Scope, personId: PersonId, erasedAt: string): Promise<void> =>
  eraseRows(scope, personId, erasedAt);
