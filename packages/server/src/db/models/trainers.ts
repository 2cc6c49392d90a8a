import type { TrainerDto } from '@drubo/contracts';
import { defineTable } from './define-table';

export interface TrainerRow {
  studioId: string;
  id: string;
  name: string;
  /** Unique over all studios, lower case. */
  loginName: string;
  /** argon2id; null for a trainer who can't sign in by password (the demo's). */
  passwordHash: string | null;
  role: TrainerDto['role'];
  /** When the trainer left the studio; null while here. Who wrote what stays. */
  removedAt: string | null;
  createdAt: string;
}

export const trainers = defineTable<TrainerRow>('trainers', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  name: 'text',
  loginName: 'text',
  passwordHash: 'text',
  role: 'text',
  removedAt: 'text',
  createdAt: 'text',
});
