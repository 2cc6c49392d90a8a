import type { Bundle } from '@drubo/contracts/bundle';
import { dayNumber } from '@drubo/core';
import { getVariation, builtInCatalogue } from '@drubo/core/catalogue';
import type { SheetInput } from '@drubo/core/composing';
import type { SheetPlan } from '@drubo/core/loop';
import { askOf, beginPlan, blockAfter, nextDay, trainedDay } from '@drubo/core/weeks';
import type { NextDay, Plan, PlanTrained } from '@drubo/core/weeks';
import type { Story } from './cast';
import { TRAINER_ID } from './trainer';

/** Somebody's weeks as they go by, and every revision Tove kept of them. */
export interface DemoWeeks {
  plan: Plan | null;
  trained: PlanTrained[];
  revisions: Bundle['plans'];
}

export const noWeeks = (): DemoWeeks => ({ plan: null, trained: [], revisions: [] });

const keep = (story: Story, { revisions, ...weeks }: DemoWeeks, plan: Plan, date: string): DemoWeeks => {
  const personId = `${story.key}-person`;
  const savedAt = `${date}T16:00:00.000Z`;
  const next = { personId, revision: revisions.length + 1, savedAt, trainerId: TRAINER_ID, plan, touched: null };
  return { ...weeks, plan, revisions: [...revisions, next as Bundle['plans'][number]] };
};

/** Days of the week they come, Monday 0. */
const weekdaysOf = ({ days }: Story): number[] => days.map((day) => day - 1);

/**
 * The plan as Tove has it when the session of a day is made: begun when the story says so, the next block when one is over, what was
 * missed taken as it follows.
 */
export const weeksOn = (
  story: Story,
  before: DemoWeeks,
  input: SheetInput,
  /** `isAnswered`: whether Tove took what follows from what was missed up to then. */
  at: { date: string; on: string; firstDay: string | null; isAnswered: boolean },
): DemoWeeks => {
  const { plannedFrom } = story;
  if (plannedFrom === undefined || at.on < plannedFrom(at.date)) return before;
  const firstDay = at.firstDay === null ? null : dayNumber(at.firstDay);
  const wish = { weekdays: weekdaysOf(story), isSplit: false, firstDay };
  const today = dayNumber(at.on);
  if (!before.plan) {
    const plan = beginPlan(input, { ...wish, id: `${story.key}-block-0`, start: today, number: 0 });
    return keep(story, before, plan, at.date);
  }
  const next = nextDay(before.plan, before.trained, today);
  if (next) return at.isAnswered ? { ...before, plan: { ...before.plan, block: next.block } } : before;
  const id = `${story.key}-block-${before.plan.block.number + 1}`;
  const plan = blockAfter(input, before.plan, before.trained, { id, today, firstDay });
  return { ...keep(story, before, plan, at.date), trained: [] };
};

/** The day of the plan that a session on a date is for; null: none. */
const dayOn = ({ plan, trained }: DemoWeeks, date: string): NextDay | null => plan && nextDay(plan, trained, dayNumber(date));

/** What a session on that day is planned from. */
export const plannedOn = (weeks: DemoWeeks, input: SheetInput, date: string): SheetInput => {
  const next = dayOn(weeks, date);
  if (!weeks.plan || !next) return input;
  return { ...input, planned: askOf(weeks.plan, next.block, next.day, input.context.person.goal, weeks.trained) };
};

/** The weeks with a day trained. */
export const withTrained = (
  weeks: DemoWeeks,
  sheet: SheetPlan,
  date: string,
  sets: Bundle['sets'],
  movedUp: ReadonlySet<string>,
): DemoWeeks => {
  const { plan } = weeks;
  const dayId =
    plan && sheet.planDay?.startsWith(`${plan.block.id}/`) === true ? sheet.planDay.slice(plan.block.id.length + 1) : null;
  const day = plan?.block.weeks.flatMap(({ days }) => days).find(({ id }) => id === dayId);
  if (!day) return weeks;
  const exercises = sheet.items.map((item) => ({
    slot: item.slot,
    variation: getVariation(builtInCatalogue, item.variationId),
    role: sheet.blocks.find(({ id }) => id === item.blockId)?.role ?? null,
    movedUp: movedUp.has(item.id),
    isWanted: item.isOwn,
    sets: sets.filter(({ itemId }) => itemId === item.id),
  }));
  const trained = trainedDay({ dayId: day.id, role: day.role }, dayNumber(date), exercises);
  return { ...weeks, trained: [...weeks.trained, trained] };
};

/** The revisions as they are stored: the last one as its lines were taken up to now. */
export const storedWeeks = ({ plan, revisions }: DemoWeeks): Bundle['plans'] =>
  revisions.map((row, at) => (at === revisions.length - 1 ? ({ ...row, plan } as typeof row) : row));
