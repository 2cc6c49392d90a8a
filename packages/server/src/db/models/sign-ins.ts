import type { TrainerId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface SignInRow {
  studioId: string;
  /** SHA-256 of the cookie's token: a copy of the database signs nobody in. */
  id: string;
  trainerId: TrainerId;
  createdAt: string;
  expiresAt: string;
}

export const signIns = defineTable<SignInRow>('sign_ins', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  trainerId: 'text',
  createdAt: 'text',
  expiresAt: 'text',
});
