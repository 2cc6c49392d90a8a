import type { PersonId } from '@drubo/core/vocabulary';
import type { Scope } from '../scope';

/** A sheet nobody agreed to yet: it waits, and the person has not trained. Agreed ones tell what changed as they are read. */
const WAITING = `
  INSERT OR IGNORE INTO unfitted (studioId, personId)
  SELECT sheets.studioId, sheets.personId FROM sheets
  WHERE sheets.studioId = :studioId AND sheets.state = 'next' AND (:personId IS NULL OR sheets.personId = :personId)
    AND NOT EXISTS (SELECT 1 FROM sessions WHERE sessions.studioId = sheets.studioId
      AND sessions.personId = sheets.personId AND sessions.state IN ('finished', 'reviewed'))`;

/** Marks first sheets that wait as not fitted to what is there now: everybody's, or one person's. One statement, however many. */
export const markUnfitted = (scope: Scope, personId: PersonId | null): Promise<void> => scope.run(WAITING, { personId });

/** Which of these people have a sheet that is still to be fitted. */
export const unfittedOf = async (scope: Scope, personIds: readonly PersonId[]): Promise<PersonId[]> =>
  personIds.length === 0
    ? []
    : (
        await scope.select<{ personId: PersonId }>(
          'SELECT personId FROM unfitted WHERE studioId = :studioId AND personId IN (:personIds) ORDER BY personId',
          { personIds },
        )
      ).map(({ personId }) => personId);

/** Their sheet is fitted, or there is none that waits. */
export const markFitted = (scope: Scope, personId: PersonId): Promise<void> =>
  scope.run('DELETE FROM unfitted WHERE studioId = :studioId AND personId = :personId', { personId });
