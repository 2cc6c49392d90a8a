import type { PlannedFor } from '../composer';
import type { RepRange } from '../catalogue';
import type { DayRole, Goal, KitId } from '../vocabulary';
import { dayKeyOf } from './next-day';
import { ROLE_RULES } from './role-rules';
import { targetsOf } from './targets-of';
import type { DoneOn } from './targets-of';
import type { Block, Plan, PlanDay, PlanTrained, PlanWeek, WeekdayPlace } from './types';

/** Reps of a lift on a day that is not its heavy one, by goal. House defaults; null: the goal's own. */
const LIGHT_ZONE: Record<Goal, RepRange | null> = {
  'get-stronger': { low: 8, high: 10 },
  'build-muscle': { low: 12, high: 15 },
  'move-well': null,
  'fat-loss-and-capacity': null,
  power: { low: 5, high: 8 },
};

/** Where the block's own reps are as many already. House default. */
const LIGHTER_STILL: RepRange = { low: 12, high: 15 };

/** Reps of a light day's lifts: always more than those of the block, so that light is light. */
const lightZone = (goal: Goal, { zone }: Pick<Block, 'zone'>): RepRange | null => {
  const light = LIGHT_ZONE[goal];
  return light && zone && light.low <= zone.low ? LIGHTER_STILL : light;
};

/** Reps of a lift on a day that looks for what somebody can do now. Source: the binding page on prescribing, §6. */
const TEST_ZONE: RepRange = { low: 3, high: 6 };

/** What stands beside the block itself when one of its days is made. */
export interface DayAsk {
  goal: Goal;
  /** Days of its week so far. */
  done: readonly DoneOn[];
  /** Accessories that had their turn in the block before, on days of this role. */
  rested?: readonly string[];
  /** Days of the week that are always elsewhere. */
  places?: readonly WeekdayPlace[];
}

/**
 * Where days of a role are at home: the place most of them stand at, of the usual one and those of the days of the week; the
 * first of the block where two have as many. Null: the usual one. Tracks are the role's, so only what is trained there moves them.
 */
const homeOf = ({ weeks }: Block, role: DayRole, places: readonly WeekdayPlace[]): KitId | null => {
  const days = weeks.flatMap((week) => week.days.filter((day) => day.role === role && day.minutes === null));
  const counts = new Map<KitId | null, number>();
  for (const { kitId } of days) {
    if (kitId === null || places.some((place) => place.kitId === kitId)) counts.set(kitId, (counts.get(kitId) ?? 0) + 1);
  }
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
};

/** A week's sets beside those of the block's fullest. */
const setsShareIn = ({ weeks }: Block, { ramp, kind }: PlanWeek): number =>
  kind === 'lighter' ? 1 : ramp / Math.max(...weeks.map((week) => week.ramp));

/** What a block has for one of its days. */
export const plannedFor = (block: Block, day: PlanDay, { goal, done, rested = [], places = [] }: DayAsk): PlannedFor => {
  const week = block.weeks.find(({ days }) => days.some(({ id }) => id === day.id));
  if (!week) throw new Error(`day ${day.id} is no day of this block`);
  const { led, families, weight } = ROLE_RULES[day.role];
  const isTested = block.isTested && week.index === 0 && weight === 'heavy' && led !== null;
  return {
    dayKey: dayKeyOf(block, day.id),
    intent: week.kind === 'lighter' ? 'lighter' : 'build',
    here: day.kitId === null && day.minutes === null ? null : { kitId: day.kitId, minutes: day.minutes },
    isHistory: day.minutes !== null || day.kitId !== homeOf(block, day.role, places),
    isTested,
    role: day.role,
    led,
    families,
    zone: isTested ? TEST_ZONE : weight === 'light' ? lightZone(goal, block) : block.zone,
    // A pattern that leads another day is lighter beside this one.
    besideZone: led === null ? null : weight === 'light' ? lightZone(goal, block) : LIGHT_ZONE[goal],
    targets: targetsOf(block, week, day, done),
    moreSets: week.moreSets,
    setsShare: setsShareIn(block, week),
    rested,
  };
};

/** The same for a day of a person's plan, from what of it was trained. */
export const askOf = (plan: Plan, block: Block, day: PlanDay, goal: Goal, trained: readonly PlanTrained[]): PlannedFor => {
  const week = block.weeks.find(({ days }) => days.some(({ id }) => id === day.id));
  const inWeek = new Set(week?.days.map(({ id }) => id));
  const done = trained.filter(({ dayId }) => inWeek.has(dayId) && dayId !== day.id);
  return plannedFor(block, day, { goal, done, rested: plan.rested[day.role] ?? [], places: plan.places ?? [] });
};
