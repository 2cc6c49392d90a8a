import type { TrainerId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** A one-time code for a second trainer. Its id is the code's hash; it is gone once used. */
export interface InviteRow {
  studioId: string;
  id: string;
  trainerId: TrainerId;
  createdAt: string;
  expiresAt: string;
}

export const invites = defineTable<InviteRow>('invites', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  trainerId: 'text',
  createdAt: 'text',
  expiresAt: 'text',
});
