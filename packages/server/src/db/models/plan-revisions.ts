import type { Plan } from '@drubo/core/weeks';
import type { PersonId, TrainerId } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** One revision of somebody's plan of weeks. The highest is the one that stands. */
export interface PlanRevisionRow {
  studioId: string;
  personId: PersonId;
  revision: number;
  savedAt: string;
  trainerId: TrainerId;
  /** The block's, to find what came before it; null with `plan`. */
  blockId: string | null;
  /** Null: they go on without a plan. */
  plan: Plan | null;
  /** Days this revision changed; null: all of them. */
  touched: readonly string[] | null;
}

export const planRevisions = defineTable<PlanRevisionRow>('plan_revisions', ['studioId', 'personId', 'revision'], {
  studioId: 'text',
  personId: 'text',
  revision: 'integer',
  savedAt: 'text',
  trainerId: 'text',
  blockId: 'text',
  plan: 'json',
  touched: 'json',
});
