import { currentSessionRecords } from '@drubo/contracts';
import type { SessionRecordDto, SessionRecordFields } from '@drubo/contracts';
import { toSessionRecord } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

/** Every revision of what is kept about sessions beside their sets. */
export const sessionRecordRevisions = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  (await scope.all('sessionRecords', { sessionId: sessionIds }, { order: [['revision', 'ASC']] })).map(toSessionRecord);

/** The current ones, in the order they were made. */
export const sessionRecordsOf = async (scope: Scope, sessionIds: string | string[]): Promise<SessionRecordDto[]> =>
  currentSessionRecords(await sessionRecordRevisions(scope, sessionIds));

/** The exercise a record brings in; null for every other record. */
export const broughtIn = (fields: SessionRecordFields) => (fields.kind === 'add' || fields.kind === 'swap' ? fields.item : null);
