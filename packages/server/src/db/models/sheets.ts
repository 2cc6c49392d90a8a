import type { LeftOff } from '@drubo/core/judging';
import { defineTable } from './define-table';

export interface SheetRow {
  studioId: string;
  id: string;
  personId: string;
  version: number;
  /** How many sessions on it were discarded. */
  attempt: number;
  state: 'next' | 'started' | 'done';
  createdAt: string;
  /** The day its items were last planned for. */
  plannedOn: string;
  /** What had to stay off when it was planned, with why. */
  leftOff: LeftOff[];
}

export const sheets = defineTable<SheetRow>('sheets', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  personId: 'text',
  version: 'integer',
  attempt: 'integer',
  state: 'text',
  createdAt: 'text',
  plannedOn: 'text',
  leftOff: 'json',
});
