import type { Bundle } from '@drubo/contracts/bundle';
import { defineTable } from './define-table';

/** Ids that were erased for good. They answer 410 for ever and are never used again. */
export interface TombstoneRow {
  studioId: string;
  id: string;
  kind: Bundle['tombstones'][number]['kind'];
  erasedAt: string;
}

export const tombstones = defineTable<TombstoneRow>('tombstones', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  kind: 'text',
  erasedAt: 'text',
});
