import { SPLIT } from '../composer';
import { WEEK_DAYS } from '../units';
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

/**
 * The roles of a week on some days of it, Monday 0 to Sunday 6 and in order. Days beyond the hard ones are easy. Days that are alike stand
 * two days apart; where too few can, they differ from the start.
 */
export const rolesFor = (weekdays: readonly number[], { isSplit, isNew }: { isSplit: boolean; isNew: boolean }): DayRole[] => {
  const days = weekdays.length;
  if (isSplit) return Array.from({ length: days }, (_, at) => (at % 2 === 0 ? 'a' : 'b'));
  const alike = isNew ? alikeOn(weekdays) : null;
  return alike ?? withEasy([...(BY_DAYS[Math.min(days, isNew ? ALIKE.most : MOST_HARD)] ?? [])], days);
};

/** Most days that train everything, the fewest that are worth it for who comes up to three times a week, and days from one to the next. */
const ALIKE = { most: 3, least: 2, apartDays: 2 } as const;

/** Every choice of so many places, in order. */
const choices = (places: readonly number[], count: number): number[][] =>
  count === 0 ? [[]] : places.flatMap((place, at) => choices(places.slice(at + 1), count - 1).map((rest) => [place, ...rest]));

/** The shortest way from one of some days to the next, from week to week. */
const gapOf = (days: readonly number[]): number =>
  Math.min(...days.map((day, at) => (days[at + 1] ?? (days[0] ?? 0) + WEEK_DAYS) - day));

const spanOf = (days: readonly number[]): number => (days.at(-1) ?? 0) - (days[0] ?? 0);

/** Days that all train everything, as many as lie far enough apart, as evenly as they can, with easy ones between; null: too few do. */
const alikeOn = (weekdays: readonly number[]): DayRole[] | null => {
  const least = weekdays.length > ALIKE.most ? ALIKE.most : Math.min(ALIKE.least, weekdays.length);
  for (let hard = Math.min(ALIKE.most, weekdays.length); hard >= least; hard -= 1) {
    const [best] = choices(weekdays, hard).sort((a, b) => gapOf(b) - gapOf(a) || spanOf(b) - spanOf(a));
    if (best && gapOf(best) >= ALIKE.apartDays) return weekdays.map((day) => (best.includes(day) ? 'all' : 'mobility'));
  }
  return null;
};

/** Easy days put between the hard ones, the last pair first. */
const withEasy = (hard: readonly DayRole[], days: number): DayRole[] => {
  const roles = [...hard];
  for (let at = hard.length - 1; roles.length < days; at = at <= 1 ? hard.length - 1 : at - 1) roles.splice(at, 0, 'mobility');
  return roles;
};
