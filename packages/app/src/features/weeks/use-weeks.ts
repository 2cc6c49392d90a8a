import { useState } from 'react';
import type { PersonDetailDto, PersonPlanDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import { farEnough, lineKey, linesOfEdit, openLines, soFarOf, tooClose, withLines } from '@drubo/core/weeks';
import type { Plan, PlanDay, PlanEdit, PlanLine, TooClose, WeekdayPlace } from '@drubo/core/weeks';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { formatDay } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useStudio } from '../../data/StudioContext';
import { usePlanWriter } from '../../data/use-plan-writer';
import type { PlanWriter } from '../../data/use-plan-writer';
import { useSnack } from '../../frame/SnackProvider';
import { dateOfDay, todayIn } from '../../ui/days';

const words = weeksWords;

/** What a trainer is asked about: lines that follow, and the days of the week they come with. */
export interface Asked {
  lines: readonly PlanLine[];
  weekdays?: readonly number[];
  places?: readonly WeekdayPlace[];
}

/** Two heavy days too close together, and where the later one would be far enough. */
export interface Clash extends TooClose {
  fix: number | null;
}

/** Somebody's weeks and what can be done to them. */
export interface Weeks {
  detail: PersonDetailDto;
  kept: PersonPlanDto;
  plan: Plan;
  today: number;
  /** What was missed and wasn't answered. */
  missed: readonly PlanLine[];
  clashes: readonly Clash[];
  /** What waits to be taken or left; null: nothing. */
  asked: Asked | null;
  ask(asked: Asked | null): void;
  writer: PlanWriter;
  /** Changes a plan: what follows of itself is taken at once, anything more is asked. */
  edit(edit: PlanEdit): Promise<void>;
  move(day: PlanDay, to: number): Promise<void>;
  /** Takes some lines and leaves others. */
  take(lines: readonly PlanLine[], left: readonly PlanLine[], also?: Omit<Asked, 'lines'>): Promise<void>;
  undo(): Promise<void>;
}

/** Days that are still to come, with their rest between heavy ones looked at. */
export const clashesOf = (plan: Plan, done: ReadonlyMap<string, number>, today: number): Clash[] => {
  const days = plan.block.weeks.flatMap((week) => week.days.map((day) => ({ ...day, day: done.get(day.id) ?? day.day })));
  const isAhead = ({ id, day }: PlanDay): boolean => !done.has(id) && day >= today;
  return tooClose(days)
    .filter(({ later }) => isAhead(later))
    .map((clash) => ({ ...clash, fix: farEnough(days, clash, today) }));
};

/** Null: there is no plan to look at. */
export const useWeeks = (detail: PersonDetailDto): Weeks | null => {
  const { studio } = useStudio();
  const snack = useSnack();
  const writer = usePlanWriter(detail.person.id);
  const [asked, ask] = useState<Asked | null>(null);
  const kept = detail.plan;
  if (!kept?.plan) return null;
  const { plan, trained, version } = kept;
  const today = dayNumber(todayIn(studio.timeZone));
  const soFar = soFarOf(trained, today);
  const missed = openLines(plan, soFar);
  const undo = async (): Promise<void> => {
    // A change that just went out counts up the version; what is taken back is what stands by then.
    if (await writer.undo(version)) snack({ text: words.undone });
  };
  const take: Weeks['take'] = async (lines, left, { weekdays, places } = {}) => {
    await writer.change({
      version,
      blockId: plan.block.id,
      lines,
      left: left.map(lineKey),
      ...(weekdays ? { weekdays } : {}),
      ...(places ? { places } : {}),
    });
    ask(null);
  };
  const edit: Weeks['edit'] = async (change) => {
    const own = linesOfEdit(plan, soFar, change);
    const after = { ...plan, block: withLines(plan.block, own) };
    const isQuiet = own.length <= 1 && clashesOf(after, soFar.done, today).length <= clashesOf(plan, soFar.done, today).length;
    if (own.length === 0) return;
    if (!isQuiet || change.kind === 'away') return ask({ lines: own });
    await take(own, []);
    const [line] = own;
    snack({ text: line ? toldOf(plan, line) : words.changed, undo: () => void writer.undo(version + 1) });
  };
  return {
    detail,
    kept,
    plan,
    today,
    missed,
    clashes: clashesOf(plan, soFar.done, today),
    asked,
    ask,
    writer,
    edit,
    move: (day, to) => edit({ kind: 'moved', dayId: day.id, to }),
    take,
    undo,
  };
};

/** What a change that was taken at once is told as. */
const toldOf = (plan: Plan, line: PlanLine): string => {
  if (line.kind === 'added') return words.moved(DAY_ROLE_SHORT[line.day.role], formatDay(dateOfDay(line.day.day)));
  const role = line.kind === 'moved' ? roleIn(plan, line.dayId) : null;
  return line.kind === 'moved' && role ? words.moved(role, formatDay(dateOfDay(line.to))) : words.changed;
};

const roleIn = ({ block }: Plan, dayId: string): string | null => {
  const day = block.weeks.flatMap(({ days }) => days).find(({ id }) => id === dayId);
  return day ? DAY_ROLE_SHORT[day.role] : null;
};
