import { dayNumber } from '@drubo/core';
import type { PlanAheadDto } from '@drubo/contracts';
import { dayKeyOf, nextDay, openLines, ROLE_RULES, soFarOf } from '@drubo/core/weeks';
import type { PersonFile } from '../person/person-file';

/** What somebody's plan does next, as of a day; null: they have none, or its block is over. `sheetFor`: the waiting sheet's day. */
export const planAhead = async (file: PersonFile, today: string, sheetFor: string | null): Promise<PlanAheadDto | null> => {
  const { plan, trained } = await file.plan();
  if (!plan) return null;
  const from = dayNumber(today);
  const isDoneToday = trained.some(({ on }) => on === from);
  const next = nextDay(plan, trained, isDoneToday ? from + 1 : from);
  if (!next) return null;
  const { block, week, day } = next;
  const done = new Set(trained.map(({ dayId }) => dayId));
  return {
    dayId: day.id,
    day: day.day,
    role: day.role,
    led: ROLE_RULES[day.role].led,
    isSheets: dayKeyOf(block, day.id) === sheetFor,
    kind: week.kind,
    week: week.index + 1,
    weeks: block.weeks.length,
    daysLeft: block.weeks.flatMap(({ days }) => days).filter(({ id }) => !done.has(id)).length,
    missed: openLines(plan, soFarOf(trained, from)).filter((line) => 'dayId' in line).length,
    begins: trained.length === 0 && plan.turned.length > 0 ? plan.turned.map(({ role, rotation }) => ({ role, rotation })) : [],
  };
};
