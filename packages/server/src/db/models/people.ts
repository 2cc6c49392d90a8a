import type { Goal, Schools, TrainingAge } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface PersonRow {
  studioId: string;
  id: string;
  version: number;
  name: string;
  massKg: number | null;
  heightCm: number | null;
  goal: Goal;
  trainingAge: TrainingAge;
  minutes: number;
  note: string;
  schools: Schools;
  archivedAt: string | null;
  createdAt: string;
  /** Trained with loads before four health questions were asked of everybody. */
  loadedBefore: boolean;
}

export const people = defineTable<PersonRow>('people', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  version: 'integer',
  name: 'text',
  massKg: 'real',
  heightCm: 'real',
  goal: 'text',
  trainingAge: 'text',
  minutes: 'integer',
  note: 'text',
  schools: 'json',
  archivedAt: 'text',
  createdAt: 'text',
  loadedBefore: 'flag',
});
