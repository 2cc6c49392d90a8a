import type { PlannedFor, SheetInput } from '../../composer';
import type { FloorItem, RanSession } from '../../loop';
import { getVariation } from '../../catalogue';
import { askOf, beginPlan, blockAfter, nextDay, trainedDay } from '../../weeks';
import type { Plan, PlanDay, PlanTrained } from '../../weeks';

/** Where a simulated person stands in their plan. Days are whole days of the history. */
export interface LifePlan extends Plan {
  trained: readonly PlanTrained[];
}

/** The day that comes next, and what its sheet is made for. */
export interface NextOfPlan {
  plan: LifePlan;
  planDay: PlanDay;
  planned: PlannedFor;
}

/** The first undone day of the plan on or after a day, with the plan as everything missed left it; a new block where it is over. */
export const nextOfPlan = (
  input: SheetInput,
  before: LifePlan | null,
  trainsOn: number,
  wish: { weekdays: readonly number[]; firstDay: number | null },
): NextOfPlan => {
  const { goal } = input.context.person;
  const dayAfter = (plan: LifePlan): NextOfPlan | null => {
    const next = nextDay(plan, plan.trained, trainsOn);
    if (!next) return null;
    const { block, day } = next;
    return { plan: { ...plan, block }, planDay: day, planned: askOf(plan, block, day, goal, plan.trained) };
  };
  const id = `block-${before ? before.block.number + 1 : 0}`;
  const at = { id, today: trainsOn, firstDay: wish.firstDay };
  const after = (): Plan =>
    before
      ? blockAfter(input, before, before.trained, at)
      : beginPlan(input, { ...wish, id, start: trainsOn, number: 0, isSplit: false });
  const found = (before && dayAfter(before)) ?? dayAfter({ ...after(), trained: [] });
  if (!found) throw new Error(`no day of a plan on or after ${trainsOn}`);
  return found;
};

/** The plan with a day trained. */
export const afterPlanDay = (
  { plan, planDay }: NextOfPlan,
  { day: on, sets, sheet }: RanSession,
  items: readonly FloorItem[],
  movedUp: ReadonlySet<string>,
  input: SheetInput,
): LifePlan => {
  const { catalogue } = input.context;
  const exercises = items.map(({ id, slot, variationId, blockId }) => ({
    slot,
    variation: getVariation(catalogue, variationId),
    role: sheet.blocks.find((block) => block.id === blockId)?.role ?? null,
    movedUp: movedUp.has(id),
    isWanted: false,
    sets: sets.filter(({ itemId }) => itemId === id),
  }));
  return { ...plan, trained: [...plan.trained, trainedDay({ dayId: planDay.id, role: planDay.role }, on, exercises)] };
};
