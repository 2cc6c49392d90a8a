import type { PersonId, SheetId } from '@drubo/core/vocabulary';
import type { SessionDto } from '@drubo/contracts';
import { defineTable } from './define-table';

export interface SessionRow {
  studioId: string;
  id: string;
  sheetId: SheetId;
  personId: PersonId;
  state: SessionDto['state'];
  date: string;
  startedAt: string;
  finishedAt: string | null;
  effort: number | null;
  note: string;
  entry: SessionDto['entry'];
  /** Minutes it took, where somebody said. */
  minutes: number | null;
}

export const sessions = defineTable<SessionRow>('sessions', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  sheetId: 'text',
  personId: 'text',
  state: 'text',
  date: 'text',
  startedAt: 'text',
  finishedAt: 'text',
  effort: 'integer',
  note: 'text',
  entry: 'text',
  minutes: 'integer',
});
