import type { PlannedFor } from '../composer';
import type { RepRange } from '../catalogue';
import type { Goal } from '../vocabulary';
import { ROLE_RULES } from './role-rules';
import { targetsOf } from './targets-of';
import type { DoneOn } from './targets-of';
import type { Block, PlanDay, PlanWeek } from './types';

/** Reps of the leading lift on a light day, by goal: lighter than its heavy day. House defaults; null: the goal's own. */
const LIGHT_ZONE: Record<Goal, RepRange | null> = {
  'get-stronger': { low: 8, high: 10 },
  'build-muscle': { low: 12, high: 15 },
  'move-well': null,
  'fat-loss-and-capacity': null,
  power: { low: 5, high: 8 },
};

/** What stands beside the block itself when one of its days is made. */
export interface DayAsk {
  goal: Goal;
  /** Days of its week so far. */
  done: readonly DoneOn[];
  /** Accessories that had their turn in the block before, on days of this role. */
  rested?: readonly string[];
  /** Hard sets a day of this role held in its fullest week so far; null: there was none. */
  fullSets?: number | null;
}

/** Fewest sets a session is held to. House default. */
const LEAST_SETS = 6;

/** Hard sets of a week on the way to the fullest: the last loading week holds as many, and what the plan asks for besides. */
const mostSetsIn = ({ weeks }: Block, { ramp, kind, moreSets }: PlanWeek, fullSets: number | null): number | null => {
  const last = Math.max(...weeks.map((week) => week.ramp));
  if (fullSets === null || kind === 'lighter') return null;
  return Math.max(LEAST_SETS, Math.round((fullSets * ramp) / last) + (ramp === last ? moreSets : 0));
};

/** What a block has for one of its days. */
export const plannedFor = (
  block: Block,
  day: PlanDay,
  { goal, done, rested = [], fullSets = null }: DayAsk,
): PlannedFor => {
  const week = block.weeks.find(({ days }) => days.some(({ id }) => id === day.id));
  if (!week) throw new Error(`day ${day.id} is no day of this block`);
  const { led, families, weight } = ROLE_RULES[day.role];
  return {
    role: day.role,
    led,
    families,
    zone: weight === 'light' ? LIGHT_ZONE[goal] : block.zone,
    targets: targetsOf(block, week, day, done),
    moreSets: week.moreSets,
    mostSets: mostSetsIn(block, week, fullSets),
    rested,
  };
};
