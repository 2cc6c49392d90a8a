import type { PersonId, TrainerId } from '@drubo/core/vocabulary';
import type { RecordFields, RecordKind } from '@drubo/contracts';
import { defineTable, defineView } from './define-table';

/** One revision of something kept about a person. */
export interface PersonRecordRow {
  studioId: string;
  id: string;
  revision: number;
  personId: PersonId;
  kind: RecordKind;
  fields: RecordFields;
  removed: boolean;
  savedAt: string;
  trainerId: TrainerId;
}

export const personRecords = defineTable<PersonRecordRow>('person_records', ['studioId', 'id', 'revision'], {
  studioId: 'text',
  id: 'text',
  revision: 'integer',
  personId: 'text',
  kind: 'text',
  fields: 'json',
  removed: 'flag',
  savedAt: 'text',
  trainerId: 'text',
});

/** The newest revision of each that was not taken away. */
export const currentPersonRecords = defineView<PersonRecordRow, { firstSavedAt: string }>(
  'current_person_records',
  personRecords,
  {
    firstSavedAt: 'text',
  },
);
