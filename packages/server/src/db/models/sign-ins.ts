import type { TrainerId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface SignInRow {
  studioId: string;
  /** SHA-256 of the cookie's token: a copy of the database signs nobody in. */
  id: string;
  trainerId: TrainerId;
  createdAt: string;
  /** However it is used, it ends then. */
  expiresAt: string;
  /** To within a few minutes; left alone for longer than its limit, it ends. */
  lastUsedAt: string;
  /** Browser and system, as the device told them. */
  device: string;
  /** Whether the trainer said it is their own: it may rest for longer. */
  isKept: boolean;
  /** When the password was last given on it. */
  confirmedAt: string | null;
}

export const signIns = defineTable<SignInRow>('sign_ins', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  trainerId: 'text',
  createdAt: 'text',
  expiresAt: 'text',
  lastUsedAt: 'text',
  device: 'text',
  isKept: 'flag',
  confirmedAt: 'text',
});
