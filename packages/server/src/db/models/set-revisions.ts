import type { SetRecordDto } from '@drubo/contracts';
import { defineTable, defineView } from './define-table';

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
  secondsLeft: 'real',
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

/** The newest revision of each that was not taken away. */
export const currentSets = defineView('current_sets', setRevisions);
