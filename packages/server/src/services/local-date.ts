/**
 * The calendar day of a moment in a time zone, ISO 8601.
 * @example localDateOf(new Date('2026-01-01T23:30:00Z'), 'Europe/Oslo') // '2026-01-02'
 */
export const localDateOf = (moment: Date, timeZone: string): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(moment);
