import type { SetRecordDto } from '@drubo/contracts';
import { currentSets } from '@drubo/core';
import { toSetRecord } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

/** The current revision of every set of a session that was not undone. */
export const setsOf = async (scope: Scope, sessionIds: string | string[]): Promise<SetRecordDto[]> =>
  currentSets((await scope.all('setRevisions', { sessionId: sessionIds })).map(toSetRecord));

const COUNT_SQL = `
  SELECT sessionId, COUNT(*) AS count FROM set_revisions AS sets
  WHERE studioId = :studioId AND sessionId IN (:sessionIds) AND removed = 0
    AND revision = (SELECT MAX(revision) FROM set_revisions AS later
      WHERE later.studioId = sets.studioId AND later.id = sets.id)
  GROUP BY sessionId`;

/** How many sets each session has, without reading them. */
export const setCounts = async (scope: Scope, sessionIds: readonly string[]): Promise<Map<string, number>> => {
  if (sessionIds.length === 0) return new Map();
  const rows = await scope.select<{ sessionId: string; count: number }>(COUNT_SQL, { sessionIds });
  return new Map(rows.map(({ sessionId, count }) => [sessionId, count]));
};
