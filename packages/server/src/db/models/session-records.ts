import type { SessionId } from '@drubo/core/vocabulary';
import type { SessionRecordFields, SessionRecordKind } from '@drubo/contracts';
import { defineTable, defineView } from './define-table';

/** One revision of something kept about a session beside its sets. Rows are only ever added. */
export interface SessionRecordRow {
  studioId: string;
  id: string;
  revision: number;
  sessionId: SessionId;
  kind: SessionRecordKind;
  fields: SessionRecordFields;
  removed: boolean;
  madeAt: string;
  receivedAt: string | null;
  deviceId: string;
  deviceSeq: number;
}

export const sessionRecords = defineTable<SessionRecordRow>('session_records', ['studioId', 'id', 'revision'], {
  studioId: 'text',
  id: 'text',
  revision: 'integer',
  sessionId: 'text',
  kind: 'text',
  fields: 'json',
  removed: 'flag',
  madeAt: 'text',
  receivedAt: 'text',
  deviceId: 'text',
  deviceSeq: 'integer',
});

/** The newest revision of each that was not taken away. */
export const currentSessionRecords = defineView('current_session_records', sessionRecords);
