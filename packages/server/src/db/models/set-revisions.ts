import type { SetRecordDto } from '@drubo/contracts';
import { defineTable } from './define-table';

/** Every revision of every set. Rows are only ever added. */
export type SetRevisionRow = SetRecordDto & { studioId: string };

export const setRevisions = defineTable<SetRevisionRow>('set_revisions', ['studioId', 'id', 'revision'], {
  studioId: 'text',
  id: 'text',
  revision: 'integer',
  sessionId: 'text',
  itemId: 'text',
  kind: 'text',
  side: 'text',
  setIndex: 'integer',
  round: 'integer',
  parentSetId: 'text',
  plannedReps: 'integer',
  plannedSeconds: 'real',
  reps: 'integer',
  seconds: 'real',
  endedBy: 'text',
  faults: 'json',
  clean: 'text',
  jointPain: 'integer',
  feltWhere: 'json',
  reserve: 'integer',
  reserveFrom: 'text',
  tempoMeasured: 'json',
  implements: 'json',
  externalKg: 'real',
  bodyMassKg: 'real',
  restBeforeSeconds: 'real',
  loggedBy: 'text',
  deviceId: 'text',
  deviceSeq: 'integer',
  loggedAt: 'text',
  removed: 'flag',
  receivedAt: 'text',
});
