import { NEEDS } from '../composer';
import type { Need } from '../composer';
import type { MainFamily } from '../vocabulary';
import { ROLE_RULES } from './role-rules';
import type { Block } from './types';

/** One trained day of the plan: hard sets by need, and the patterns that were trained. */
export interface TrainedDay {
  dayId: string;
  sets: Readonly<Partial<Record<Need, number>>>;
  families: readonly MainFamily[];
}

/** What one week of a plan was to be, and was. */
export interface WeekDone {
  index: number;
  daysPlanned: number;
  daysDone: number;
  sets: Partial<Record<Need, { planned: number; done: number }>>;
  families: Partial<Record<MainFamily, { planned: number; done: number }>>;
}

/** What a block did, week by week: days, hard sets by need, days by pattern, as planned and as trained. */
export const blockDone = ({ weeks, weekly }: Block, trained: readonly TrainedDay[]): WeekDone[] =>
  weeks.map(({ index, ramp, days }): WeekDone => {
    const done = trained.filter(({ dayId }) => days.some(({ id }) => id === dayId));
    const sets: WeekDone['sets'] = {};
    for (const need of NEEDS) {
      const target = weekly[need];
      if (!target) continue;
      const sum = done.reduce((all, one) => all + (one.sets[need] ?? 0), 0);
      sets[need] = { planned: Math.min(target.most, target.aim * ramp), done: sum };
    }
    const families: WeekDone['families'] = {};
    const count = (family: MainFamily, which: 'planned' | 'done'): void => {
      const known = families[family] ?? { planned: 0, done: 0 };
      families[family] = { ...known, [which]: known[which] + 1 };
    };
    for (const { role } of days) for (const family of ROLE_RULES[role].families) count(family, 'planned');
    for (const one of done) for (const family of one.families) count(family, 'done');
    return { index, daysPlanned: days.length, daysDone: done.length, sets, families };
  });
