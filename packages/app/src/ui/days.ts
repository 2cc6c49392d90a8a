import { TZDateMini } from '@date-fns/tz/date/mini';
import { differenceInMinutes } from 'date-fns/differenceInMinutes';
import { formatISO } from 'date-fns/formatISO';
import { addDays } from '@drubo/core';

/** The calendar day of a moment in a time zone, ISO 8601. */
export const dayIn = (timeZone: string, moment: Date): string =>
  formatISO(new TZDateMini(moment.getTime(), timeZone), { representation: 'date' });

/** The calendar day it is now in a time zone, ISO 8601. */
export const todayIn = (timeZone: string): string => dayIn(timeZone, new Date());

/** The calendar day of a day number (days since 1970), ISO 8601. */
export const dateOfDay = (day: number): string => addDays('1970-01-01', day);

/** Whole minutes between two moments. */
export const minutesBetween = (from: string, to: string): number =>
  Math.max(0, differenceInMinutes(to, from, { roundingMethod: 'round' }));
