import { reason } from '../vocabulary';
import { addedOn, lineKey, withLines } from './lines';
import type { PlanEdit, PlanLine } from './lines';
import { reflow } from './reflow';
import type { PlanSoFar } from './reflow';
import type { Block, Plan, PlanDay, PlanTrained, PlanWeek } from './types';

/** A day of a plan and the week it stands in, with the plan as everything that follows leaves it. */
export interface NextDay {
  block: Block;
  week: PlanWeek;
  day: PlanDay;
}

/** What names a day of one person's plan for good: its block and its place there. */
export const dayKeyOf = ({ id }: Pick<Block, 'id'>, dayId: string): string => `${id}/${dayId}`;

/** The day of a block that a name stands for; null where it is another block's. */
export const dayOfKey = ({ id }: Pick<Block, 'id'>, key: string | null): string | null =>
  key?.startsWith(`${id}/`) === true ? key.slice(id.length + 1) : null;

/** Which days of the plan were trained, and on what day. */
export const soFarOf = (trained: readonly PlanTrained[], today: number): PlanSoFar => ({
  today,
  done: new Map(trained.map(({ dayId, on }) => [dayId, on])),
});

/** What follows from what happened and wasn't answered yet. */
export const openLines = (plan: Plan, soFar: PlanSoFar, edits: readonly PlanEdit[] = []): PlanLine[] => {
  const asked = new Set(edits.flatMap((edit) => ('dayId' in edit ? [edit.dayId] : [])));
  const byHand = edits.flatMap((edit): PlanLine[] => {
    const why = reason('day-by-hand', {}, 'trainer');
    if (edit.kind === 'lighter') return [{ kind: 'week-lighter', index: edit.index, why: edit.why[0] ?? why }];
    return edit.kind === 'added' ? [addedOn(plan.block, edit.on, edit.role, why)].filter((line) => line !== null) : [];
  });
  const lines = [...reflow(plan.block, soFar, edits), ...byHand];
  return lines.filter((line) => !plan.left.includes(lineKey(line)) || asked.has(lineKey(line)));
};

/** What follows from a change, beside what was open before it: a line that stands as it stood isn't the change's. */
export const linesOfEdit = (plan: Plan, soFar: PlanSoFar, edit: PlanEdit): PlanLine[] => {
  const known = new Set(openLines(plan, soFar).map((line) => JSON.stringify(line)));
  return openLines(plan, soFar, [edit]).filter((line) => !known.has(JSON.stringify(line)));
};

/** A day by its id, wherever it stands. */
export const findDay = (block: Block, dayId: string): NextDay | null => {
  for (const week of block.weeks) {
    const day = week.days.find(({ id }) => id === dayId);
    if (day) return { block, week, day };
  }
  return null;
};

/** The first undone day on or after today, with the plan as what was missed leaves it; null: the block is over. */
export const nextDay = (plan: Plan, trained: readonly PlanTrained[], today: number): NextDay | null => {
  const soFar = soFarOf(trained, today);
  const block = withLines(plan.block, openLines(plan, soFar));
  const [first] = block.weeks
    .flatMap((week) => week.days.map((day): NextDay => ({ block, week, day })))
    .filter(({ day }) => !soFar.done.has(day.id) && day.day >= today)
    .sort((a, b) => a.day.day - b.day.day);
  return first ?? null;
};
