import type { RepRange } from '../catalogue';
import type { DayRole, KitId, Reason } from '../vocabulary';
import { mondayOf, WEEK_DAYS } from '../units';
import { lighterShape } from './block-shape';
import type { Block, PlanDay, PlanWeek, WeekdayPlace } from './types';

/** Something that became different: what the trainer did to a plan, or time away. */
export type PlanEdit =
  | { kind: 'moved'; dayId: string; to: number }
  | { kind: 'left'; dayId: string }
  | { kind: 'away'; from: number; to: number }
  | { kind: 'here'; dayId: string; kitId: KitId | null; minutes: number | null }
  | { kind: 'lighter'; index: number; why: readonly Reason[] }
  | { kind: 'added'; on: number; role: DayRole };

/** One thing that follows, to be taken or left by itself. */
export type PlanLine =
  | { kind: 'moved'; dayId: string; from: number; to: number; why: Reason }
  | { kind: 'dropped'; dayId: string; from: number; why: Reason }
  | { kind: 'here'; dayId: string; kitId: KitId | null; minutes: number | null; why: Reason }
  | { kind: 'week-later'; index: number; from: number; to: number; why: Reason }
  | { kind: 'week-lighter'; index: number; why: Reason }
  | { kind: 'role'; dayId: string; from: DayRole; role: DayRole; why: Reason }
  | { kind: 'added'; index: number; day: PlanDay; why: Reason }
  | { kind: 'aims'; weekly: Block['weekly']; zone: RepRange | null; why: Reason };

/** What a line is about: two lines with one name answer each other. */
export const lineKey = (line: PlanLine): string => {
  switch (line.kind) {
    case 'week-later':
    case 'week-lighter':
      return `${line.kind}-${line.index}`;
    case 'added':
      return `${line.kind}-${line.day.id}`;
    case 'aims':
      return line.kind;
    default:
      return line.dayId;
  }
};

/** The days of a plan that a line touches, by id; of a whole week all of its days. */
export const daysTouched = ({ weeks }: Pick<Block, 'weeks'>, line: PlanLine): string[] => {
  if ('dayId' in line) return [line.dayId];
  if (line.kind === 'added') return [line.day.id];
  if (line.kind === 'aims') return [];
  return weeks.find(({ index }) => index === line.index)?.days.map(({ id }) => id) ?? [];
};

const withDay = (day: PlanDay, own: readonly PlanLine[], by: number): PlanDay[] => {
  if (own.some(({ kind }) => kind === 'dropped')) return [];
  const moved = own.find((line) => line.kind === 'moved');
  const here = own.find((line) => line.kind === 'here');
  const turned = own.find((line) => line.kind === 'role');
  return [
    {
      ...day,
      day: (moved?.to ?? day.day) + by,
      role: turned?.role ?? day.role,
      kitId: here ? here.kitId : day.kitId,
      minutes: here ? here.minutes : day.minutes,
    },
  ];
};

/** A plan with the lines that were taken. */
export const withLines = (block: Block, lines: readonly PlanLine[]): Block => {
  const aims = lines.find((line) => line.kind === 'aims');
  const loading = block.weeks.filter(({ kind }) => kind === 'loading').length;
  return {
    ...block,
    ...(aims ? { weekly: aims.weekly, zone: aims.zone } : {}),
    weeks: block.weeks.map((week): PlanWeek => {
      const later = lines.find((line) => line.kind === 'week-later' && line.index === week.index);
      const lighter = lines.find((line) => line.kind === 'week-lighter' && line.index === week.index);
      const by = later?.kind === 'week-later' ? later.to - later.from : 0;
      const days = week.days.flatMap((day) =>
        withDay(
          day,
          lines.filter((line) => 'dayId' in line && line.dayId === day.id),
          by,
        ),
      );
      const added = lines.flatMap((line) => (line.kind === 'added' && line.index === week.index ? [line.day] : []));
      return {
        ...week,
        ...(lighter ? { ...lighterShape(loading), why: [lighter.why] } : {}),
        start: week.start + by,
        days: [...days, ...added],
      };
    }),
  };
};

/** Of the places of days of the week those of days that are trained on. */
export const placesOn = (places: readonly WeekdayPlace[], weekdays: readonly number[]): WeekdayPlace[] =>
  places.filter(({ weekday }) => weekdays.includes(weekday));

/** Places in a week from here on are of days that were put in by hand: those of the plan keep theirs. */
const BY_HAND_FROM = WEEK_DAYS;

/** Whether a day was put in by hand, beside those of the plan. */
export const isByHand = (dayId: string): boolean => Number(dayId.split('-')[1]) >= BY_HAND_FROM;

/** One more day of a role on a day of the calendar; null where no week of the plan has it. */
export const addedOn = (block: Pick<Block, 'weeks'>, on: number, role: DayRole, why: Reason): PlanLine | null => {
  const week = weekAt(block, on);
  if (!week) return null;
  const places = week.days.map(({ id }) => Number(id.split('-')[1]));
  const id = `${week.index}-${Math.max(BY_HAND_FROM - 1, ...places) + 1}`;
  return { kind: 'added', index: week.index, day: { id, day: on, role, kitId: null, minutes: null }, why };
};

/** The week of a plan that a day of the calendar falls into; null: none. */
export const weekAt = ({ weeks }: Pick<Block, 'weeks'>, day: number): PlanWeek | null =>
  weeks.find(({ start }) => start === mondayOf(day)) ?? null;
