import type { KeptStanding } from '@drubo/core/judging';
import type { LeverValues, PersonId, Reason, StandingSource } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** Where a person stands on one ladder, and what put them there. */
export interface StandingRow {
  studioId: string;
  personId: PersonId;
  ladderId: string;
  rungId: string;
  variationId: string;
  values: LeverValues;
  target: KeptStanding['target'];
  evidence: KeptStanding['evidence'];
  /** ISO day. */
  on: string;
  by: StandingSource;
  reasons: readonly Reason[];
  why: string | null;
}

export const standings = defineTable<StandingRow>('standings', ['studioId', 'personId', 'ladderId'], {
  studioId: 'text',
  personId: 'text',
  ladderId: 'text',
  rungId: 'text',
  variationId: 'text',
  values: { as: 'json', column: 'leverValues' },
  target: 'json',
  evidence: 'json',
  on: { as: 'text', column: 'stoodOn' },
  by: { as: 'text', column: 'stoodBy' },
  reasons: 'json',
  why: 'text',
});
