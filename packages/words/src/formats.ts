import { LOCALE } from './locale';

const numbers = new Map<number, Intl.NumberFormat>();
const numberFormat = (digits: number): Intl.NumberFormat => {
  const known = numbers.get(digits);
  if (known) return known;
  // Ungrouped: the same text stands in fields that are read back.
  const made = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: digits, useGrouping: false, signDisplay: 'negative' });
  numbers.set(digits, made);
  return made;
};

/** A number with at most `digits` decimals and no trailing zeros. */
export const formatNumber = (value: number, digits = 1): string => numberFormat(digits).format(value);

const FULL_DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/**
 * A calendar day as it is read in a sentence.
 * @example formatDate('2026-03-05') // '5 Mar 2026'
 */
export const formatDate = (isoDay: string): string => FULL_DAY.format(new Date(`${isoDay}T00:00:00Z`));

const PLURALS = new Intl.PluralRules(LOCALE);

/** Whether a number is spoken of as one, few, many … in the language's own grammar. */
export const pluralOf = (count: number): Intl.LDMLPluralRule => PLURALS.select(count);

const WEEK_DAY = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });

const DAY_OF_WEEK = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', timeZone: 'UTC' });
const A_MONDAY = Date.UTC(2024, 0, 1);

/** A day of the week, Monday 0 to Sunday 6: 'Mon'. */
export const formatWeekday = (weekday: number): string => DAY_OF_WEEK.format(new Date(A_MONDAY + weekday * 86_400_000));

/** A calendar day as it is read: 'Tue 24 Nov'. */
export const formatDay = (isoDay: string): string => WEEK_DAY.format(new Date(`${isoDay}T00:00:00Z`)).replace(',', '');

const SHORT_DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** The calendar day of a day number (days since 1970), short: '24 Nov'. */
export const formatShortDay = (day: number): string => SHORT_DAY.format(new Date(day * 86_400_000));

/** A moment's time of day in a time zone: '14:05'. */
export const formatTime = (instant: string, timeZone: string): string =>
  new Intl.DateTimeFormat(LOCALE, { timeZone, hour: '2-digit', minute: '2-digit' }).format(new Date(instant));

const WEEK_DAY_TIME = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** Weekday and time of a moment (milliseconds since 1970) where the device is: 'Tue, 14:05'. */
export const formatWeekDayTime = (moment: number): string => WEEK_DAY_TIME.format(moment);

/** Clock and distance from UTC in a zone: '14:05 · GMT+1'. */
export const formatClock = (timeZone: string, now: Date): string =>
  new Intl.DateTimeFormat(LOCALE, { timeZone, hour: '2-digit', minute: '2-digit', timeZoneName: 'shortOffset' })
    .formatToParts(now)
    .reduce(
      (text, { type, value }) =>
        type === 'hour' || type === 'minute' || (type === 'literal' && value === ':')
          ? text + value
          : type === 'timeZoneName'
            ? `${text} · ${value}`
            : text,
      '',
    );
