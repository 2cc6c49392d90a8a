import type { SessionRecordDto } from '@drubo/contracts';
import { toSessionRecord } from '../mappers/rows';
import type { Scope } from '../scope';

/** Every revision of what is kept about sessions beside their sets. */
export const sessionRecordRevisions = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  (await scope.all('sessionRecords', { sessionId: sessionIds }, { order: [['revision', 'ASC']] })).map(toSessionRecord);

/** The current ones, in the order they were made. */
export const sessionRecordsOf = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  (
    await scope.all(
      'currentSessionRecords',
      { sessionId: sessionIds },
      {
        order: [
          ['madeAt', 'ASC'],
          ['deviceSeq', 'ASC'],
          ['id', 'ASC'],
        ],
      },
    )
  ).map(toSessionRecord);
