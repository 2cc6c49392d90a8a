import type { DayView } from '@drubo/core/weeks';
import { mondayOf, WEEK_DAYS } from '@drubo/core/units';
import type { Weeks } from './use-weeks';

const LOOKED_AT = 28;

/** Days from a day on that nothing of the plan stands on, four weeks of them looked at. */
export const freeDays = ({ plan, kept }: Weeks, from: number): number[] => {
  const done = new Map(kept.trained.map((one) => [one.dayId, one.on]));
  const taken = new Set(plan.block.weeks.flatMap(({ days }) => days.map((one) => done.get(one.id) ?? one.day)));
  return Array.from({ length: LOOKED_AT }, (_, at) => from + at).filter((date) => !taken.has(date));
};

/** Days of the week a day stands in, and of the next one, that nothing else of the plan stands on, from today on. */
export const dayAfterDays = (weeks: Weeks, { day, on }: DayView): number[] => {
  const { today } = weeks;
  const monday = mondayOf(Math.max(on, day.day, today));
  const from = Math.max(today, monday);
  return freeDays(weeks, from)
    .filter((date) => date !== on && date < monday + 2 * WEEK_DAYS)
    .slice(0, 9);
};
