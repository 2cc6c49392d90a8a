const DAY_MS = 86_400_000;

/** A calendar day some days later (or earlier). */
export const addDays = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** Whole days from one day to another. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);

/** 1 for Monday to 7 for Sunday. */
const weekdayOf = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7;

/** The days from `from` to before `to` that fall on one of the weekdays. */
export const daysOn = (weekdays: readonly number[], from: string, to: string): string[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to)) }, (_, at) => addDays(from, at)).filter((date) =>
    weekdays.includes(weekdayOf(date)),
  );
