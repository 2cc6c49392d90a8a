import type { PersonId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** When somebody's consent to health notes was last taken back and the notes deleted. */
export interface WithdrawalRow {
  studioId: string;
  personId: PersonId;
  at: string;
}

export const withdrawals = defineTable<WithdrawalRow>('withdrawals', ['studioId', 'personId'], {
  studioId: 'text',
  personId: 'text',
  at: 'text',
});
