import { NEEDS } from '../composer';
import type { DayTarget, Need } from '../composer';
import { WEEK_DAYS } from '../units';
import { targetsOf } from './targets-of';
import type { Plan, PlanDay, PlanTrained, PlanWeek } from './types';

/** Where a day of a plan stands: trained, gone by undone, today's, or still to come. */
export type DayState = 'done' | 'missed' | 'today' | 'ahead';

/** A day of a week as it is shown. */
export interface DayView {
  day: PlanDay;
  state: DayState;
  /** The day of the calendar it stands on: where it was trained, else where the plan has it. */
  on: number;
  /** Hard sets it is to have, by need. */
  targets: Readonly<Partial<Record<Need, DayTarget>>>;
  /** Hard sets it had; null: not trained. */
  sets: Readonly<Partial<Record<Need, number>>> | null;
}

/** One muscle's week: what it must not fall under, what is aimed at, what it never goes over, and what was done. */
export interface NeedView {
  need: Need;
  floor: number;
  aim: number;
  cap: number;
  done: number;
}

/** A week as it is shown. */
export interface WeekView {
  week: PlanWeek;
  /** The first day of a time away before it, which ends the day before its Monday; null: it follows on the one before. */
  awayFrom: number | null;
  /** Whether it is over and nothing of it was trained. */
  isLost: boolean;
  days: DayView[];
  needs: NeedView[];
}

/** One week of a plan beside what was done of it. */
export const weekView = (plan: Plan, trained: readonly PlanTrained[], today: number, index: number): WeekView | null => {
  const { block } = plan;
  const week = block.weeks.find((one) => one.index === index);
  if (!week) return null;
  const ofWeek = trained.filter(({ dayId }) => week.days.some(({ id }) => id === dayId));
  const days = week.days.map((day): DayView => {
    const done = ofWeek.find(({ dayId }) => dayId === day.id);
    const before = ofWeek.filter(({ dayId, on }) => dayId !== day.id && (!done || on < done.on));
    const state = done ? 'done' : day.day < today ? 'missed' : day.day === today ? 'today' : 'ahead';
    return { day, state, on: done?.on ?? day.day, targets: targetsOf(block, week, day, before), sets: done?.sets ?? null };
  });
  const needs = NEEDS.flatMap((need): NeedView[] => {
    const whole = block.weekly[need];
    if (!whole) return [];
    const done = ofWeek.reduce((sum, { sets }) => sum + (sets[need] ?? 0), 0);
    const aim = Math.min(whole.most, whole.aim * week.ramp);
    const floor = week.kind === 'lighter' ? 0 : Math.min(aim, whole.floor);
    return [{ need, floor, aim, cap: whole.most, done }];
  });
  const before = block.weeks.find((one) => one.index === index - 1);
  const follows = before ? before.start + WEEK_DAYS : week.start;
  const isLost = week.start + WEEK_DAYS <= today && ofWeek.length === 0;
  return { week, awayFrom: follows < week.start ? follows : null, isLost, days: days.sort((a, b) => a.on - b.on), needs };
};

/** The week of a plan that is shown first: today's, else the next to come, else the last. */
export const weekToShow = ({ block: { weeks } }: Pick<Plan, 'block'>, today: number): number =>
  (weeks.find(({ start }) => start + WEEK_DAYS > today) ?? weeks.at(-1))?.index ?? 0;
