import { addDays, daysBetween } from '@drubo/core';

/** 1 for Monday to 7 for Sunday. */
const weekdayOf = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7;

/** The days from `from` to before `to` that fall on one of the weekdays. */
export const daysOn = (weekdays: readonly number[], from: string, to: string): string[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to)) }, (_, at) => addDays(from, at)).filter((date) =>
    weekdays.includes(weekdayOf(date)),
  );
