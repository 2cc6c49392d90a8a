import { SPLIT } from '../composer';
import type { DayRole } from '../vocabulary';
import type { RoleRule } from './types';

const ALL: RoleRule['families'] = ['squat', 'hinge', 'lunge', 'bridge'];

/**
 * What each role trains. The pattern that leads comes first; one-leg work stands beside a squat, and the bridge beside a hinge, so that
 * every muscle is met on two days. House default.
 */
export const ROLE_RULES: Readonly<Record<DayRole, RoleRule>> = {
  all: { led: null, weight: 'heavy', families: ALL },
  a: { led: 'squat', weight: 'heavy', families: SPLIT.a.families },
  b: { led: 'hinge', weight: 'heavy', families: SPLIT.b.families },
  'squat-led': { led: 'squat', weight: 'heavy', families: ['squat', 'lunge', 'bridge'] },
  'hinge-led': { led: 'hinge', weight: 'heavy', families: ['hinge', 'bridge', 'lunge'] },
  'one-leg-led': { led: 'lunge', weight: 'light', families: ['lunge', 'squat', 'bridge'] },
  'squat-light': { led: 'squat', weight: 'light', families: ['squat', 'lunge', 'bridge'] },
  'hinge-light': { led: 'hinge', weight: 'light', families: ['hinge', 'bridge', 'lunge'] },
  mobility: { led: null, weight: 'easy', families: [] },
};

/** The days of a week by how many there are, once days differ. Source: the trade's usual weeks, no source. */
const BY_DAYS: readonly (readonly DayRole[])[] = [
  [],
  ['all'],
  ['squat-led', 'hinge-led'],
  ['squat-led', 'one-leg-led', 'hinge-led'],
  ['squat-led', 'hinge-led', 'squat-light', 'hinge-light'],
];
const MOST_HARD = BY_DAYS.length - 1;

/** So many days after the first session days begin to differ: before that the same lifts come again each time. */
export const SAME_DAYS = 56;

/** The roles of a week of so many days, in the order they are trained. Days beyond the hard ones are easy. */
export const rolesFor = (days: number, { isSplit, isNew }: { isSplit: boolean; isNew: boolean }): DayRole[] => {
  if (isSplit) return Array.from({ length: days }, (_, at) => (at % 2 === 0 ? 'a' : 'b'));
  const hard = Math.min(days, isNew ? 3 : MOST_HARD);
  const roles = isNew ? Array.from({ length: hard }, (): DayRole => 'all') : [...(BY_DAYS[hard] ?? [])];
  return withEasy(roles, days);
};

/** Easy days put between the hard ones, the last pair first. */
const withEasy = (hard: readonly DayRole[], days: number): DayRole[] => {
  const roles = [...hard];
  for (let at = hard.length - 1; roles.length < days; at = at <= 1 ? hard.length - 1 : at - 1) roles.splice(at, 0, 'mobility');
  return roles;
};
