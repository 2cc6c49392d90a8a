const DAY_MS = 86_400_000;

const midnight = (date: string): number => Date.parse(`${date}T00:00:00Z`);

/** A calendar day (ISO 8601, 2026-11-24) as a whole number of days since 1 January 1970. */
export const dayNumber = (date: string): number => Math.round(midnight(date) / DAY_MS);

/** Whole days from one calendar day to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** A calendar day some days later, or earlier. */
export const addDays = (date: string, days: number): string =>
  new Date(midnight(date) + days * DAY_MS).toISOString().slice(0, 10);

export const WEEK_DAYS = 7;

/** The ISO day of whole days since 1970. */
export const dateOfDay = (day: number): string => addDays('1970-01-01', day);

/** The Monday of a day's week, both in whole days since 1970; that day was a Thursday. */
export const mondayOf = (day: number): number => day - ((((day + 3) % WEEK_DAYS) + WEEK_DAYS) % WEEK_DAYS);
