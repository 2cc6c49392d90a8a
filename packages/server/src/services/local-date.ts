/**
 * The calendar day of a moment in a time zone, ISO 8601.
 * @example localDateOf(new Date('2026-01-01T23:30:00Z'), 'Europe/Oslo') // '2026-01-02'
 */
export const localDateOf = (moment: Date, timeZone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(moment);

/** Whole days from one calendar day to another. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);

/** A calendar day some days later. */
export const addDays = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
