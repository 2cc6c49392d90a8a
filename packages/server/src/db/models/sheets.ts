import type { Block, LeftOff } from '@drubo/core/composing';
import type { SheetPlan } from '@drubo/core/loop';
import type { PersonId, Reason } from '@drubo/core/vocabulary';
import { defineTable } from './define-table';

/** What a sheet is of the plan, as the loop has it, in columns of its own. */
type PlanColumns = Pick<
  SheetPlan,
  'shape' | 'intent' | 'splitDay' | 'dayRole' | 'planDay' | 'minutesBudget' | 'kitId' | 'isShaped'
>;

export interface SheetRow extends PlanColumns {
  studioId: string;
  id: string;
  personId: PersonId;
  version: number;
  /** How many sessions on it were discarded. */
  attempt: number;
  state: 'next' | 'started' | 'done' | 'later' | 'loose';
  createdAt: string;
  /** The day its items were last planned for. */
  plannedOn: string;
  /** What had to stay off when it was planned, with why. */
  leftOff: LeftOff[];
  blocks: Block[];
  /** The day a copy waits for. */
  forDate: string | null;
  /** What the proposal had no room for. */
  gaveUp: Reason[];
  /** Minutes it was planned for at the usual pace, when its session began; null: not begun, or before this was kept. */
  plannedMinutes: number | null;
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
  dayRole: 'text',
  planDay: 'text',
  minutesBudget: 'integer',
  kitId: 'text',
  blocks: 'json',
  isShaped: 'flag',
  forDate: 'text',
  gaveUp: 'json',
  plannedMinutes: 'integer',
});
