import { NEEDS, weekFor } from '../composer';
import type { DayTarget, SheetInput } from '../composer';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import { daysInTraining, isNewTo, isTestedAt, weekShapes, zoneOf } from './block-shape';
import type { ShapedBy } from './block-shape';
import { mondayOf, WEEK_DAYS } from '../units';
import { rolesFor } from './role-rules';
import type { Block, BlockWish, PlanDay } from './types';

/** What is asked of a week as the person is today, by need, before any ramp. */
const weeklyOf = (input: SheetInput): Block['weekly'] =>
  Object.fromEntries(
    NEEDS.map((need) => {
      const { floor, aim, cap } = weekFor(need, input);
      return [need, { floor, aim, most: cap } satisfies DayTarget];
    }),
  );

/**
 * A block of weeks from what is known of a person: which days, what each leads with, how the weeks grow and whether the last
 * is lighter. Days before the start are left out of its first week. Pure: the same input gives the same block.
 * Throws for no days of the week, or one there is none of: that is the caller's mistake.
 * @example planBlock(input, { id: 'block-0', start: dayNumber('2026-01-05'), weekdays: [1, 4], firstDay: null, number: 0, isSplit: false })
 */
export const planBlock = (input: SheetInput, wish: BlockWish): Block => {
  const { id, start, number, firstDay, isSplit, places = [] } = wish;
  const weekdays = [...new Set(wish.weekdays)].sort((a, b) => a - b);
  if (weekdays.length === 0 || weekdays.some((day) => !Number.isInteger(day) || day < 0 || day >= WEEK_DAYS)) {
    throw new RangeError(`a plan needs days of the week from 0 to 6, not [${wish.weekdays.join(', ')}]`);
  }
  const { goal, trainingAge } = input.context.person;
  const daysTrained = daysInTraining(firstDay, start);
  const isNew = isNewTo(daysTrained);
  const roles = rolesFor(weekdays, { isSplit, isNew });
  const by: ShapedBy = {
    goal,
    trainingAge,
    isCareful: (input.context.careful ?? []).length > 0,
    hardDays: roles.filter((role) => role !== 'mobility').length,
    daysTrained,
    number,
    zoneBefore: wish.zoneBefore ?? null,
  };
  const monday = mondayOf(start);
  const weeks = weekShapes(by).map((shape, index) => {
    const weekStart = monday + WEEK_DAYS * index;
    const days = weekdays.flatMap((weekday, at): PlanDay[] => {
      const role = roles[at];
      const day = weekStart + weekday;
      const kitId = places.find((place) => place.weekday === weekday)?.kitId ?? null;
      return role && day >= start ? [{ id: `${index}-${at}`, day, role, kitId, minutes: null }] : [];
    });
    return { index, start: weekStart, days, ...shape };
  });
  const zone = zoneOf(by);
  const why: Reason[] = [
    roles.includes('all')
      ? reason('block-same-days', { weeks: weeks.length }, 'acsm-2009')
      : reason('block-days-differ', { days: by.hardDays, weeks: weeks.length }, 'common-practice'),
    ...(zone ? [reason('block-zone', { repsLow: zone.low, repsHigh: zone.high }, 'common-practice')] : []),
  ];
  return { id, number, start, zone, isTested: isTestedAt(by), weeks, weekly: weeklyOf(input), why };
};
