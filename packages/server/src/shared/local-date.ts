import { TZDateMini } from '@date-fns/tz';
import { formatISO } from 'date-fns';

/**
 * The calendar day of a moment in a time zone, ISO 8601.
 * @example localDateOf(new Date('2026-01-01T23:30:00Z'), 'Europe/Oslo') // '2026-01-02'
 */
export const localDateOf = (moment: Date, timeZone: string): string =>
  formatISO(new TZDateMini(moment.getTime(), timeZone), { representation: 'date' });
