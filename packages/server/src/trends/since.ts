import { addDays, dayNumber } from '@drubo/core';
import { mondayOf } from '@drubo/core/units';
import type { Caller, Context } from '../context';
import { localDateOf } from '../shared/local-date';

/** Weeks looked back where nobody says otherwise: half a year. */
const USUAL_WEEKS = 26;

/** The Monday so many weeks ago, this week among them. */
export const sinceOf = (context: Context, { timeZone }: Caller, weeks: string | undefined): string => {
  const today = localDateOf(context.clock.now(), timeZone);
  const monday = addDays(today, mondayOf(dayNumber(today)) - dayNumber(today));
  return addDays(monday, -7 * (Number(weeks ?? USUAL_WEEKS) - 1));
};
