import type { MainFamily } from '../vocabulary';
import { ROLE_RULES } from './role-rules';
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
