import type { PersonId } from '@drubo/core/vocabulary';
import type { IntakeDto } from '@drubo/contracts';
import { defineTable } from './define-table';

/** What was asked of a person; one row each. */
export interface IntakeRow {
  studioId: string;
  personId: PersonId;
  fields: IntakeDto;
  savedAt: string;
}

export const intakes = defineTable<IntakeRow>('intakes', ['studioId', 'personId'], {
  studioId: 'text',
  personId: 'text',
  fields: 'json',
  savedAt: 'text',
});
