import type { SheetInput } from '../composer';
import { reason } from '../vocabulary';
import type { PlanLine } from './lines';
import { beginPlan } from './next-block';
import type { Plan, PlanDay } from './types';

/** Other days of the week or another goal, from a day on. */
export interface OtherWish {
  /** Whole days; what lies before stays. */
  from: number;
  weekdays: readonly number[];
  firstDay: number | null;
  isSplit: boolean;
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * What of the rest of a block follows from other days of the week, or from a person who wants or may something else by now, a
 * line each. Nothing else than before: no lines.
 */
export const replan = (
  input: SheetInput,
  { block }: Plan,
  { from, ...wish }: OtherWish,
  done: ReadonlyMap<string, number>,
): PlanLine[] => {
  const other = beginPlan(input, { ...wish, id: block.id, start: block.start, number: block.number }).block;
  const days = block.weeks.flatMap((week): PlanLine[] => {
    const shift = week.start - (other.weeks[week.index]?.start ?? week.start);
    const asked = (other.weeks[week.index]?.days ?? []).map((day) => ({ ...day, day: day.day + shift }));
    const open = week.days.filter(({ id, day }) => !done.has(id) && day >= from);
    const known = new Set([...week.days.map(({ id }) => id)]);
    return [
      ...open.flatMap((day) =>
        changesOf(
          day,
          asked.find(({ id }) => id === day.id),
          from,
        ),
      ),
      ...asked
        .filter(({ id, day }) => !known.has(id) && day >= from)
        .map((day): PlanLine => ({ kind: 'added', index: week.index, day, why: reason('day-other-days', {}, 'trainer') })),
    ];
  });
  const isAimed = isSame([block.weekly, block.zone], [other.weekly, other.zone]);
  const why = reason('aims-other', {}, 'house-default');
  const aims: PlanLine[] = isAimed ? [] : [{ kind: 'aims', weekly: other.weekly, zone: other.zone, why }];
  return [...days, ...aims];
};

const changesOf = (day: PlanDay, asked: PlanDay | undefined, from: number): PlanLine[] => {
  const why = reason('day-other-days', {}, 'trainer');
  if (!asked || asked.day < from) return [{ kind: 'dropped', dayId: day.id, from: day.day, why }];
  return [
    ...(asked.day === day.day ? [] : [{ kind: 'moved' as const, dayId: day.id, from: day.day, to: asked.day, why }]),
    ...(asked.role === day.role ? [] : [{ kind: 'role' as const, dayId: day.id, from: day.role, role: asked.role, why }]),
  ];
};
