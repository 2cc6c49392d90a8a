import type { KeptStanding } from '@drubo/core/judging';
import type { LeverValues, Reason, StandingSource } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** Where a person stands on one ladder, and what put them there. */
export interface StandingRow {
  studioId: string;
  personId: string;
  ladderId: string;
  rungId: string;
  variationId: string;
  leverValues: LeverValues;
  target: KeptStanding['target'];
  evidence: KeptStanding['evidence'];
  /** ISO day. */
  stoodOn: string;
  stoodBy: StandingSource;
  reasons: readonly Reason[];
  why: string | null;
}

export const standings = defineTable<StandingRow>('standings', ['studioId', 'personId', 'ladderId'], {
  studioId: 'text',
  personId: 'text',
  ladderId: 'text',
  rungId: 'text',
  variationId: 'text',
  leverValues: 'json',
  target: 'json',
  evidence: 'json',
  stoodOn: 'text',
  stoodBy: 'text',
  reasons: 'json',
  why: 'text',
});
