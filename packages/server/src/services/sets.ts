import type { SetRecordDto } from '@drubo/contracts';
import { currentSets } from '@drubo/core';
import { toSetRecord } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

/** The current revision of every set of a session that was not undone. */
export const setsOf = async (scope: Scope, sessionIds: string | string[]): Promise<SetRecordDto[]> =>
  currentSets((await scope.all('setRevisions', { sessionId: sessionIds })).map(toSetRecord));
