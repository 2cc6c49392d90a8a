import { tz } from '@date-fns/tz';
import { format } from 'date-fns';
import { GONE_AFTER_DAYS } from '../shared/gone-after';

/** Days and weeks a copy is kept of, the newest of each. */
const DAYS = 7;
const WEEKS = 5;
const DAY_MS = 86_400_000;

const dayOf = (at: Date): string => at.toISOString().slice(0, 10);
const weekOf = (at: Date): string => format(at, 'RRRR-II', { in: tz('UTC') });

/** The newest of each group, for the newest so many groups. `newestFirst`: moments in that order. */
const newestOfEach = (newestFirst: readonly Date[], groupOf: (at: Date) => string, groups: number): Date[] => {
  const seen = new Map<string, Date>();
  for (const at of newestFirst) if (!seen.has(groupOf(at))) seen.set(groupOf(at), at);
  return [...seen.values()].slice(0, groups);
};

/** Which copies stay, by the moment each covers: seven days' and five weeks' newest, none older than 35 days but the newest of all. */
export const keptBackups = (moments: readonly Date[], now: Date): Date[] => {
  const newestFirst = [...moments].sort((a, b) => b.getTime() - a.getTime());
  const young = newestFirst.filter((at) => now.getTime() - at.getTime() <= GONE_AFTER_DAYS * DAY_MS);
  const kept = new Set([...newestFirst.slice(0, 1), ...newestOfEach(young, dayOf, DAYS), ...newestOfEach(young, weekOf, WEEKS)]);
  return newestFirst.filter((at) => kept.has(at));
};
