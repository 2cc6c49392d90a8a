import { noValues, values } from './define';
import type { ValuesOf } from './define';

/** Why a plan's weeks and days are as they are, and what follows from what happened. */
export const WEEK_REASONS = {
  'block-same-days': values<{ weeks: number }>(),
  'block-days-differ': values<{ days: number; weeks: number }>(),
  'block-zone': values<{ repsLow: number; repsHigh: number }>(),
  'week-loads': values<{ week: number; weeks: number; percent: number }>(),
  'week-lighter': values<{ weeks: number; percent: number }>(),
  'week-away': values<{ weeks: number }>(),
  'day-by-hand': noValues,
  'day-missed': noValues,
  'day-moves-up': noValues,
  'day-left': noValues,
  'day-no-room': noValues,
  'day-week-over': noValues,
  'day-other-days': noValues,
  'aims-other': noValues,
  'lighter-weaker': values<{ lifts: number; percent: number }>(),
  'lighter-sleep': values<{ times: number }>(),
  'lighter-pain': values<{ weeks: number; pain: number }>(),
  'stays-main': values<{ variationId: string }>(),
  'stays-moving': values<{ variationId: string }>(),
  'stays-wanted': values<{ variationId: string }>(),
  'stays-only': values<{ variationId: string }>(),
  'rotates-still': values<{ variationId: string; sessions: number }>(),
  'rotates-lacked': values<{ variationId: string; sessions: number }>(),
  'rotates-turn': values<{ variationId: string; sessions: number }>(),
};
export type WeekReasons = ValuesOf<typeof WEEK_REASONS>;
