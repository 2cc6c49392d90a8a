/** A calendar day as it is read: 'Tue 24 Nov'. */
export const formatDay = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })
    .format(new Date(`${date}T00:00:00Z`))
    .replace(',', '');

/** The calendar day it is now in a time zone, ISO 8601. */
export const todayIn = (timeZone: string): string => new Intl.DateTimeFormat('en-CA', { timeZone }).format(new Date());

/** The calendar day of a day number (days since 1970), ISO 8601. */
export const dateOfDay = (day: number): string => new Date(day * 86_400_000).toISOString().slice(0, 10);

/** Whole minutes between two moments. */
export const minutesBetween = (from: string, to: string): number =>
  Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 60_000));
