import type { MovementDto } from '@drubo/contracts';
import { defineTable, defineView } from './define-table';

/** One revision of a studio's own movement. A new revision is a new row; none is ever changed. */
export interface MovementRow {
  studioId: string;
  id: string;
  revision: number;
  retired: boolean;
  fields: Omit<MovementDto, 'id' | 'revision' | 'retired' | 'savedAt'>;
  savedAt: string;
}

export const movements = defineTable<MovementRow>('movements', ['studioId', 'id', 'revision'], {
  studioId: 'text',
  id: 'text',
  revision: 'integer',
  retired: 'flag',
  fields: 'json',
  savedAt: 'text',
});

/** The newest revision of each. */
export const currentMovements = defineView('current_movements', movements);
