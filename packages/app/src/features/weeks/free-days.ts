import type { DayView } from '@drubo/core/weeks';
import { mondayOf } from '@drubo/core/units';
import type { Weeks } from './use-weeks';

/** Days of the week a day stands in, and of the next one, that nothing else of the plan stands on, from today on. */
export const dayAfterDays = ({ plan, kept, today }: Weeks, { day, on }: DayView): number[] => {
  const done = new Map(kept.trained.map((one) => [one.dayId, one.on]));
  const taken = new Set(plan.block.weeks.flatMap(({ days }) => days.map((one) => done.get(one.id) ?? one.day)));
  const monday = mondayOf(Math.max(on, day.day, today));
  const from = Math.max(today, monday);
  const days = Array.from({ length: 14 }, (_, at) => monday + at);
  return days.filter((date) => date >= from && date !== on && !taken.has(date)).slice(0, 9);
};
