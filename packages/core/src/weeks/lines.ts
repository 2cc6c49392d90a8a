import type { RepRange } from '../catalogue';
import type { DayRole, KitId, Reason } from '../vocabulary';
import { mondayOf } from '../units';
import { lighterShape } from './block-shape';
import type { Block, PlanDay, PlanWeek } from './types';

/** Something that became different: what the trainer did to a plan, or time away. */
export type PlanEdit =
  | { kind: 'moved'; dayId: string; to: number }
  | { kind: 'left'; dayId: string }
  | { kind: 'away'; from: number; to: number }
  | { kind: 'here'; dayId: string; kitId: KitId | null; minutes: number | null }
  | { kind: 'lighter'; index: number; why: readonly Reason[] };

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

/** The week of a plan that a day of the calendar falls into; null: none. */
export const weekAt = ({ weeks }: Pick<Block, 'weeks'>, day: number): PlanWeek | null =>
  weeks.find(({ start }) => start === mondayOf(day)) ?? null;
