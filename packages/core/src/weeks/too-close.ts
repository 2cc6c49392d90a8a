import type { MainFamily } from '../vocabulary';
import { ROLE_RULES } from './role-rules';
import { mondayOf, WEEK_DAYS } from '../units';
import type { PlanDay } from './types';

/** Days between two heavy days of one pattern, at least: 48 h. Common practice. */
const HEAVY_APART_DAYS = 2;

/** Two days that train one pattern heavy too close together. */
export interface TooClose {
  earlier: PlanDay;
  later: PlanDay;
  family: MainFamily;
}

const heavyFamilies = ({ role }: PlanDay): readonly MainFamily[] => {
  const { led, weight, families } = ROLE_RULES[role];
  if (weight !== 'heavy') return [];
  return led === null ? families : [led];
};

/** Every pair of days with less than 48 h between heavy work on one pattern, in the order of the calendar. */
export const tooClose = (days: readonly PlanDay[]): TooClose[] => {
  const sorted = [...days].sort((a, b) => a.day - b.day);
  return sorted.flatMap((earlier, at) =>
    sorted.slice(at + 1).flatMap((later): TooClose[] => {
      if (later.day - earlier.day >= HEAVY_APART_DAYS) return [];
      const family = heavyFamilies(later).find((one) => heavyFamilies(earlier).includes(one));
      return family ? [{ earlier, later, family }] : [];
    }),
  );
};

/** Where the later of two such days would be far enough from everything in its week, the nearest day first; null: nowhere. */
export const farEnough = (days: readonly PlanDay[], { later }: TooClose, today: number): number | null => {
  const monday = mondayOf(later.day);
  const free = Array.from({ length: WEEK_DAYS }, (_, at) => monday + at)
    .filter((day) => day >= today && !days.some((one) => one.day === day))
    .sort((a, b) => Math.abs(a - later.day) - Math.abs(b - later.day) || a - b);
  const isApart = (day: number): boolean =>
    !tooClose([...days.filter(({ id }) => id !== later.id), { ...later, day }]).some(
      (pair) => pair.earlier.id === later.id || pair.later.id === later.id,
    );
  return free.find(isApart) ?? null;
};
