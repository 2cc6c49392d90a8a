import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import type { SetRecordDto } from '@drubo/contracts';
import { toSetRecord } from '../mappers/rows';
import type { Scope } from '../scope';

/** The order sets were done in, item by item. */
const IN_ORDER: { order: [string, string][] } = {
  order: [
    ['setIndex', 'ASC'],
    ['side', 'ASC'],
    ['loggedAt', 'ASC'],
  ],
};

/** The current revision of every set of these sessions that was not undone; of some of their exercises where they are named. */
export const setsOf = async (scope: Scope, sessionIds: string | string[], itemIds?: string[]): Promise<SetRecordDto[]> =>
  (await scope.all('currentSets', { sessionId: sessionIds, ...(itemIds ? { itemId: itemIds } : {}) }, IN_ORDER)).map(toSetRecord);

const COUNTS = `
  SELECT sessionId, COUNT(*) AS count FROM current_sets
  WHERE studioId = :studioId AND sessionId IN (:sessionIds) GROUP BY sessionId`;

/** How many sets each session has, without reading them. */
export const setCounts = async (scope: Scope, sessionIds: readonly string[]): Promise<Map<string, number>> => {
  if (sessionIds.length === 0) return new Map();
  const rows = await scope.select<{ sessionId: SessionId; count: number }>(COUNTS, { sessionIds });
  return new Map(rows.map(({ sessionId, count }) => [sessionId, count]));
};

const LAST_FAULTS = `
  SELECT items.variationId, sets.faults FROM current_sets AS sets
  JOIN sheet_items AS items ON items.studioId = sets.studioId AND items.id = sets.itemId
  WHERE sets.studioId = :studioId AND sets.faults <> '[]'
    AND sets.sessionId = (
      SELECT id FROM sessions WHERE studioId = :studioId AND personId = :personId AND state IN ('finished', 'reviewed')
      ORDER BY startedAt DESC LIMIT 1)
  ORDER BY MIN(sets.loggedAt, COALESCE(sets.receivedAt, sets.loggedAt)) DESC, sets.revision DESC`;

/** What was seen in somebody's last session, movement by movement, the latest set first. */
export const lastFaults = async (
  scope: Scope,
  personId: PersonId,
): Promise<{ variationId: string; faults: SetRecordDto['faults'] }[]> =>
  (await scope.select<{ variationId: string; faults: string }>(LAST_FAULTS, { personId })).map(({ variationId, faults }) => ({
    variationId,
    faults: JSON.parse(faults) as SetRecordDto['faults'],
  }));
