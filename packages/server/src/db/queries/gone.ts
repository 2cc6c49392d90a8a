import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import type { GoneDto } from '@drubo/contracts';
import type { Scope } from '../scope';

/** Newest revisions of one table that take their row away. */
const goneIn = (table: string, owner: string): string => `
  SELECT id, revision FROM ${table}
  WHERE studioId = :studioId AND ${owner} = :ownerId AND removed = 1
    AND revision = (SELECT MAX(later.revision) FROM ${table} AS later
      WHERE later.studioId = ${table}.studioId AND later.id = ${table}.id)`;

const OF_SESSION = `${goneIn('set_revisions', 'sessionId')} UNION ALL ${goneIn('session_records', 'sessionId')}`;
const OF_PERSON = goneIn('person_records', 'personId');

/** Sets and records of a session that were undone. */
export const goneOfSession = (scope: Scope, sessionId: SessionId): Promise<GoneDto[]> =>
  scope.select<GoneDto>(OF_SESSION, { ownerId: sessionId });

/** Records of a person that were taken away. */
export const goneOfPerson = (scope: Scope, personId: PersonId): Promise<GoneDto[]> =>
  scope.select<GoneDto>(OF_PERSON, { ownerId: personId });
