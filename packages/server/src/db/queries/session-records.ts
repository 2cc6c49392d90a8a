import type { SessionRecordDto } from '@drubo/contracts';
import { believedAt } from '@drubo/core';
import { toSessionRecord } from '../mappers/rows';
import type { Scope } from '../scope';

/** Every revision of what is kept about sessions beside their sets. */
export const sessionRecordRevisions = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  (await scope.all('sessionRecords', { sessionId: sessionIds }, { order: [['revision', 'ASC']] })).map(toSessionRecord);

/** The current ones, in the order they were made; a phone whose clock runs ahead puts none behind all others. */
export const sessionRecordsOf = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  (await scope.all('currentSessionRecords', { sessionId: sessionIds }))
    .sort((a, b) => madeAt(a).localeCompare(madeAt(b)) || a.deviceSeq - b.deviceSeq || a.id.localeCompare(b.id))
    .map(toSessionRecord);

const madeAt = (row: { madeAt: string; receivedAt: string | null }): string => believedAt(row.madeAt, row.receivedAt);
