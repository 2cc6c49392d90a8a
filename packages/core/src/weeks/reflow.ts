import { reason } from '../vocabulary';
import { mondayOf, WEEK_DAYS } from '../units';
import type { PlanEdit, PlanLine } from './lines';
import { ROLE_RULES } from './role-rules';
import { tooClose } from './too-close';
import type { Block, DayWeight, PlanDay, PlanWeek } from './types';

/** What happened so far: today, and the days of the plan that were trained, each with the day it was trained on. */
export interface PlanSoFar {
  today: number;
  done: ReadonlyMap<string, number>;
}

const isAway = (day: number, edits: readonly PlanEdit[]): boolean =>
  edits.some((edit) => edit.kind === 'away' && edit.from <= day && day <= edit.to);

/** Every way to put some of the days on so many places, in order. At most seven days: few enough to look at all. */
const arrangements = (days: readonly PlanDay[], places: number): PlanDay[][] =>
  places === 0
    ? [[]]
    : [
        [],
        ...days.flatMap((day) =>
          arrangements(
            days.filter((one) => one !== day),
            places - 1,
          ).map((rest) => [day, ...rest]),
        ),
      ];

/** How a choice of days ranks, each number before the next, lower is better. */
type Rank = readonly number[];
const isBefore = (a: Rank, b: Rank): boolean => {
  const at = a.findIndex((value, index) => value !== b[index]);
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0);
};

/**
 * Undone days on the dates that are left: heavy work on one pattern two days apart first, then as many days as fit, the heavy ones
 * before the light, and the plan's own order.
 */
const onDates = (undone: readonly PlanDay[], dates: readonly number[], fixed: readonly PlanDay[]): PlanDay[] => {
  const ofWeight = (days: readonly PlanDay[], weight: DayWeight) =>
    days.filter(({ role }) => ROLE_RULES[role].weight === weight).length;
  const rankOf = (days: readonly PlanDay[]): Rank => {
    const order = days.map((day) => undone.findIndex(({ id }) => id === day.id));
    const turned = order.filter((index, at) => index < (order[at - 1] ?? -1)).length;
    const clashes = tooClose([...fixed, ...days]).length;
    return [clashes, -days.length, -ofWeight(days, 'heavy'), -ofWeight(days, 'light'), turned, ...order];
  };
  let best: { days: PlanDay[]; rank: Rank } = { days: [], rank: rankOf([]) };
  for (const order of arrangements(undone, Math.min(dates.length, undone.length))) {
    const days = order.map((day, at) => ({ ...day, day: dates[at] ?? day.day }));
    const rank = rankOf(days);
    if (isBefore(rank, best.rank)) best = { days, rank };
  }
  return best.days;
};

/** What a week's days become. `beside`: the days of the weeks next to it that lie nearest, for rest between heavy days. */
const reflowWeek = (week: PlanWeek, soFar: PlanSoFar, edits: readonly PlanEdit[], beside: readonly PlanDay[]): PlanLine[] => {
  const { today, done } = soFar;
  const isDone = ({ id }: PlanDay) => done.has(id);
  const moves = new Map(edits.flatMap((edit) => (edit.kind === 'moved' ? [[edit.dayId, edit.to] as const] : [])));
  const left = new Set(edits.flatMap((edit) => (edit.kind === 'left' ? [edit.dayId] : [])));
  const undone = week.days.filter((day) => !isDone(day) && !left.has(day.id));
  const byHand = undone.filter(({ id }) => moves.has(id));
  const others = undone.filter(({ id }) => !moves.has(id));
  const taken = new Set([...week.days.flatMap(({ id }) => done.get(id) ?? []), ...moves.values()]);
  // What lies ahead undisturbed keeps its own day: a plan moves only where something happened to it.
  const isHit = others.some(({ day }) => day < today || isAway(day, edits) || (taken.has(day) && day >= today));
  const dates = others
    .map(({ day }) => day)
    .filter((day) => day >= today && !isAway(day, edits) && !taken.has(day))
    .sort((a, b) => a - b);
  const fixed = [
    ...beside,
    ...week.days.flatMap((day) => (isDone(day) ? [{ ...day, day: done.get(day.id) ?? day.day }] : [])),
    ...byHand.map((day) => ({ ...day, day: moves.get(day.id) ?? day.day })),
  ];
  const placed = isHit ? onDates(others, dates, fixed) : others;
  const inPlan = (id: string): PlanDay | undefined => week.days.find((day) => day.id === id);
  return [
    ...byHand.flatMap(({ id, day }): PlanLine[] => {
      const to = moves.get(id) ?? day;
      return to === day ? [] : [{ kind: 'moved', dayId: id, from: day, to, why: reason('day-by-hand', {}, 'trainer') }];
    }),
    ...placed.flatMap(({ id, day: to }): PlanLine[] => {
      const from = inPlan(id)?.day ?? to;
      const why = reason(from < today ? 'day-missed' : 'day-moves-up', {}, 'house-default');
      return from === to ? [] : [{ kind: 'moved', dayId: id, from, to, why }];
    }),
    ...week.days.flatMap(({ id, day }): PlanLine[] => {
      if (left.has(id) && !done.has(id))
        return [{ kind: 'dropped', dayId: id, from: day, why: reason('day-left', {}, 'trainer') }];
      const isKept = done.has(id) || moves.has(id) || placed.some((one) => one.id === id);
      return isKept ? [] : [{ kind: 'dropped', dayId: id, from: day, why: reason('day-no-room', {}, 'house-default') }];
    }),
  ];
};

/** Weeks of the plan in which nothing can be trained, by time away: those and what comes after begin later. */
const weeksLater = ({ weeks }: Block, { today, done }: PlanSoFar, edits: readonly PlanEdit[]): PlanLine[] => {
  const isWholeAway = ({ days }: PlanWeek) =>
    days.length > 0 && days.every(({ id, day }) => !done.has(id) && day >= today && isAway(day, edits));
  const first = weeks.find(isWholeAway);
  if (!first) return [];
  const awayWeeks = weeks.filter(isWholeAway).length;
  const why = reason('week-away', { weeks: awayWeeks }, 'house-default');
  return weeks
    .slice(first.index)
    .map(({ index, start }): PlanLine => ({ kind: 'week-later', index, from: start, to: start + WEEK_DAYS * awayWeeks, why }));
};

/**
 * What follows from what happened, a line each, to be taken or left: within a week the next day is the first undone of the
 * plan; where too few dates remain the heavy days come first and the rest are dropped; nothing is doubled. Weeks that are
 * over drop what was not done. A week away as a whole puts off what comes after it. Nothing happened: no lines.
 */
export const reflow = (block: Block, soFar: PlanSoFar, edits: readonly PlanEdit[] = []): PlanLine[] => {
  const later = weeksLater(block, soFar, edits);
  const thisMonday = mondayOf(soFar.today);
  const touched = block.weeks.filter(({ index, days }) => {
    if (later.some((line) => line.kind === 'week-later' && line.index === index)) return false;
    return days.some(({ day, id }) => !soFar.done.has(id) && (day < soFar.today || isAway(day, edits) || isNamed(id, edits)));
  });
  const here = edits.flatMap((edit): PlanLine[] =>
    edit.kind === 'here' ? [{ ...edit, why: reason('day-by-hand', {}, 'trainer') }] : [],
  );
  return [
    ...touched.flatMap((week) => {
      const beside = [
        ...(block.weeks[week.index - 1]?.days.slice(-1) ?? []),
        ...(block.weeks[week.index + 1]?.days.slice(0, 1) ?? []),
      ];
      if (week.start >= thisMonday) return reflowWeek(week, soFar, edits, beside);
      return week.days.flatMap(({ id, day }): PlanLine[] =>
        soFar.done.has(id) ? [] : [{ kind: 'dropped', dayId: id, from: day, why: reason('day-week-over', {}, 'house-default') }],
      );
    }),
    ...later,
    ...here,
  ];
};

const isNamed = (id: string, edits: readonly PlanEdit[]): boolean =>
  edits.some((edit) => (edit.kind === 'moved' || edit.kind === 'left') && edit.dayId === id);
