import type { Block, LeftOff } from '@drubo/core/composing';
import type { Intent, Reason, SessionShape, SplitDay } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

export interface SheetRow {
  studioId: string;
  id: string;
  personId: string;
  version: number;
  /** How many sessions on it were discarded. */
  attempt: number;
  state: 'next' | 'started' | 'done' | 'later' | 'loose';
  createdAt: string;
  /** The day its items were last planned for. */
  plannedOn: string;
  /** What had to stay off when it was planned, with why. */
  leftOff: LeftOff[];
  shape: SessionShape;
  intent: Intent;
  splitDay: SplitDay | null;
  /** Null: the person's own. */
  minutesBudget: number | null;
  /** Null: where the person usually trains. */
  kitId: string | null;
  blocks: Block[];
  /** Whether the trainer arranged it by hand. */
  isShaped: boolean;
  /** The day a copy waits for. */
  forDate: string | null;
  /** What the proposal had no room for. */
  gaveUp: Reason[];
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
  shape: 'text',
  intent: 'text',
  splitDay: 'text',
  minutesBudget: 'integer',
  kitId: 'text',
  blocks: 'json',
  isShaped: 'flag',
  forDate: 'text',
  gaveUp: 'json',
});
