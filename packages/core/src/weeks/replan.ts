import type { SheetInput } from '../composer';
import { reason } from '../vocabulary';
import { isByHand } from './lines';
import type { PlanLine } from './lines';
import { zoneBeforeOf } from './block-shape';
import { beginPlan } from './next-block';
import type { Plan, PlanDay, WeekdayPlace } from './types';

/** Other days of the week or another goal, from a day on. */
export interface OtherWish {
  /** Whole days; what lies before stays. */
  from: number;
  weekdays: readonly number[];
  /** Days of the week that are always elsewhere; left out: none. */
  places?: readonly WeekdayPlace[];
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
  { block, places = [] }: Plan,
  { from, ...wish }: OtherWish,
  done: ReadonlyMap<string, number>,
): PlanLine[] => {
  const { id, start, number } = block;
  const { block: blockThen, ...other } = beginPlan(input, { ...wish, id, start, number, zoneBefore: zoneBeforeOf(block.zone) });
  // Where the usual places stay as they are, what was put elsewhere by hand stays there.
  const isMoved = !isSame(places, other.places);
  const days = block.weeks.flatMap((week): PlanLine[] => {
    const shift = week.start - (blockThen.weeks[week.index]?.start ?? week.start);
    const asked = (blockThen.weeks[week.index]?.days ?? []).map((day) => ({ ...day, day: day.day + shift }));
    const open = week.days.filter(({ id, day }) => !done.has(id) && day >= from);
    const known = new Set([...week.days.map(({ id }) => id)]);
    return [
      ...open.flatMap((day) =>
        changesOf(
          day,
          asked.find(({ id }) => id === day.id),
          from,
          isMoved,
        ),
      ),
      ...asked
        .filter(({ id, day }) => !known.has(id) && day >= from)
        .map((day): PlanLine => ({ kind: 'added', index: week.index, day, why: reason('day-other-days', {}, 'trainer') })),
    ];
  });
  const isAimed = isSame([block.weekly, block.zone], [blockThen.weekly, blockThen.zone]);
  const why = reason('aims-other', {}, 'house-default');
  const aims: PlanLine[] = isAimed ? [] : [{ kind: 'aims', weekly: blockThen.weekly, zone: blockThen.zone, why }];
  return [...days, ...aims];
};

const changesOf = (day: PlanDay, asked: PlanDay | undefined, from: number, isPlaceMoved: boolean): PlanLine[] => {
  const why = reason('day-other-days', {}, 'trainer');
  if (!asked && isByHand(day.id)) return [];
  if (!asked || asked.day < from) return [{ kind: 'dropped', dayId: day.id, from: day.day, why }];
  return [
    ...(asked.day === day.day ? [] : [{ kind: 'moved' as const, dayId: day.id, from: day.day, to: asked.day, why }]),
    ...(asked.role === day.role ? [] : [{ kind: 'role' as const, dayId: day.id, from: day.role, role: asked.role, why }]),
    ...(isPlaceMoved && asked.kitId !== day.kitId
      ? [{ kind: 'here' as const, dayId: day.id, kitId: asked.kitId, minutes: day.minutes, why }]
      : []),
  ];
};
