import type { MassUnit } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface StudioRow {
  id: string;
  version: number;
  name: string;
  unit: MassUnit;
  timeZone: string;
  createdAt: string;
}

/** One studio. The only table whose key is not scoped to one. */
export const studios = defineTable<StudioRow>('studios', ['id'], {
  id: 'text',
  version: 'integer',
  name: 'text',
  unit: 'text',
  timeZone: 'text',
  createdAt: 'text',
});
