import { NEEDS, SESSION_CAP } from '../composer';
import type { DayTarget, Need } from '../composer';
import type { MainFamily } from '../vocabulary';
import { ROLE_RULES } from './role-rules';
import type { Block, PlanDay, PlanWeek } from './types';

/** What a day brings of a need beside the others of its week, by the pattern it leads with. House defaults. */
const LEANS: Partial<Record<MainFamily, Partial<Record<Need, number>>>> = {
  squat: { 'front-thigh': 1.4, hamstrings: 0.7, adductors: 1.2, 'knee-bend': 1.2 },
  hinge: { 'front-thigh': 0.7, hamstrings: 1.4, 'side-hip': 1.2 },
  lunge: { 'side-hip': 1.3 },
};
/** A day that was missed gives at most this much of it to the others: nothing is doubled. */
const CATCH_UP = 1.25;
/** A cap is spread over the days left, with some slack, and a few sets are always allowed. As the composer's. House defaults. */
const SPREAD = { slack: 1.25, least: 3 } as const;

const leanOf = ({ role }: PlanDay, need: Need): number => {
  const { led, weight } = ROLE_RULES[role];
  if (weight === 'easy') return 0;
  return (led === null ? undefined : LEANS[led]?.[need]) ?? 1;
};

/**
 * A day goes over its aim by no more than this share, or so many sets: minutes to spare are no reason to do a block's last week in
 * its first. Not counted of the glutes: nearly every main lift trains them, and no pattern is left out for that. House defaults.
 */
const OVER_AIM = { share: 1.5, least: 3 } as const;

/** Hard sets that were done on a day of the plan, by need. */
export interface DoneOn {
  dayId: string;
  sets: Readonly<Partial<Record<Need, number>>>;
}

/**
 * Hard sets a day should get, by need: its share of what the week still lacks, never more than a quarter over its share of the
 * whole, within the week's cap and what a session holds. `done`: the week's days so far, in any order.
 */
export const targetsOf = (
  { weekly }: Pick<Block, 'weekly'>,
  week: PlanWeek,
  day: PlanDay,
  done: readonly DoneOn[],
): Partial<Record<Need, DayTarget>> =>
  Object.fromEntries(
    NEEDS.flatMap((need) => {
      const whole = weekly[need];
      const lean = leanOf(day, need);
      if (!whole || lean === 0) return [];
      const doneSets = done.reduce((sum, { sets }) => sum + (sets[need] ?? 0), 0);
      const undone = week.days.filter(({ id }) => id === day.id || !done.some(({ dayId }) => dayId === id));
      const sumOf = (days: readonly PlanDay[]): number => days.reduce((sum, one) => sum + leanOf(one, need), 0);
      const share = lean / sumOf(week.days);
      const shareLeft = lean / sumOf(undone);
      const part = (amount: number): number => Math.min(Math.max(0, amount - doneSets) * shareLeft, CATCH_UP * amount * share);
      const left = Math.max(0, whole.most - doneSets);
      const session = need === 'glutes' ? SESSION_CAP.glutes : SESSION_CAP.muscle;
      const spread = Math.min(session, left, Math.max(SPREAD.least, SPREAD.slack * left * shareLeft));
      const isLighter = week.kind === 'lighter';
      const aim = Math.min(spread, part(Math.min(whole.most, whole.aim * week.ramp)));
      const most = need === 'glutes' ? spread : Math.min(spread, Math.max(aim + OVER_AIM.least, OVER_AIM.share * aim));
      // A lighter week owes nothing: its floors wait with it.
      const floor = isLighter ? 0 : Math.min(aim, part(whole.floor));
      return [[need, { floor, aim, most } satisfies DayTarget]];
    }),
  );
