/** Making a format costs more than using it, and there are few time zones in a studio. */
const formats = new Map<string, Intl.DateTimeFormat>();

const formatOf = (timeZone: string): Intl.DateTimeFormat => {
  const known = formats.get(timeZone);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' });
  formats.set(timeZone, made);
  return made;
};

/**
 * The calendar day of a moment in a time zone, ISO 8601.
 * @example localDateOf(new Date('2026-01-01T23:30:00Z'), 'Europe/Oslo') // '2026-01-02'
 */
export const localDateOf = (moment: Date, timeZone: string): string => formatOf(timeZone).format(moment);
