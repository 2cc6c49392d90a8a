import { recentWork } from '../../composer';
import type { Need, PlannedFor, SheetInput } from '../../composer';
import type { FloorItem, RanSession } from '../../loop';
import { getVariation } from '../../catalogue';
import { daysInTraining, isNewTo, planBlock, plannedFor, reflow, rotate, withLines } from '../../weeks';
import type { Block, DoneOn, InBlock, PlanDay } from '../../weeks';
import { mondayOf } from '../../units';
import type { DayRole, Intent } from '../../vocabulary';

/** A trained day of a simulated plan, with what a block's end looks back on. */
export interface PlanTrained {
  planDay: PlanDay;
  on: number;
  sets: DoneOn['sets'];
  exercises: readonly { slot: string; role: InBlock['role']; variationId: string; movedUp: boolean }[];
}

/** Where a simulated person stands in their plan. Days are whole days of the history. */
export interface LifePlan {
  block: Block;
  trained: readonly PlanTrained[];
  /** By day role: accessories that had their turn. */
  rested: ReadonlyMap<DayRole, readonly string[]>;
}

/** The day that comes next, and what its sheet is made for. */
export interface NextOfPlan {
  plan: LifePlan;
  planDay: PlanDay;
  planned: PlannedFor;
  intent: Intent;
}

const doneIn = (plan: LifePlan): Map<string, number> => new Map(plan.trained.map(({ planDay, on }) => [planDay.id, on]));

/** What a block's exercises did on days of a role, one entry a slot and movement. */
const inBlock = ({ trained }: LifePlan, role: DayRole): InBlock[] => {
  const found = new Map<string, InBlock>();
  for (const { exercises } of trained.filter(({ planDay }) => planDay.role === role)) {
    for (const { slot, role, variationId, movedUp } of exercises) {
      const key = `${slot}|${variationId}`;
      const known = found.get(key) ?? { slot, role, variationId, sessions: 0, movedUp: false, isWanted: false };
      found.set(key, { ...known, sessions: known.sessions + 1, movedUp: known.movedUp || movedUp });
    }
  }
  return [...found.values()];
};

const nextBlock = (
  input: SheetInput,
  before: LifePlan | null,
  from: number,
  wish: { weekdays: readonly number[]; firstDay: number | null },
): LifePlan => {
  const start = before ? mondayOf(from) : from;
  const block = planBlock(input, { ...wish, start, number: before ? before.block.number + 1 : 0, isSplit: false });
  const isNew = isNewTo(daysInTraining(wish.firstDay, start));
  const roles = new Set(before?.trained.map(({ planDay }) => planDay.role));
  const rested = [...roles].map((role): [DayRole, string[]] => {
    const done = before ? rotate(inBlock(before, role), { isNew, lacking: [] }) : [];
    return [role, done.filter(({ stays }) => !stays).map(({ variationId }) => variationId)];
  });
  return { block, trained: [], rested: new Map(rested) };
};

/** The first undone day of the plan on or after a day, with the plan as everything missed left it; a new block where it is over. */
export const nextOfPlan = (
  input: SheetInput,
  before: LifePlan | null,
  trainsOn: number,
  wish: { weekdays: readonly number[]; firstDay: number | null },
): NextOfPlan => {
  const dayAfter = (plan: LifePlan): NextOfPlan | null => {
    const done = doneIn(plan);
    const block = withLines(plan.block, reflow(plan.block, { today: trainsOn, done }));
    const week = block.weeks.find(
      ({ start, days }) => start + 7 > trainsOn && days.some(({ id, day }) => !done.has(id) && day >= trainsOn),
    );
    const planDay = week?.days.filter(({ id, day }) => !done.has(id) && day >= trainsOn).sort((a, b) => a.day - b.day)[0];
    if (!week || !planDay) return null;
    const ofWeek = plan.trained.filter((one) => week.days.some(({ id }) => id === one.planDay.id));
    const soFar = ofWeek.map(({ planDay: { id }, sets }): DoneOn => ({ dayId: id, sets }));
    const { goal } = input.context.person;
    return {
      plan: { ...plan, block },
      planDay,
      planned: plannedFor(block, planDay, {
        goal,
        done: soFar,
        rested: plan.rested.get(planDay.role) ?? [],
      }),
      intent: week.kind === 'lighter' ? 'lighter' : 'build',
    };
  };
  const found = (before && dayAfter(before)) ?? dayAfter(nextBlock(input, before, trainsOn, wish));
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
  const done = items.map(({ id, variationId }) => ({
    day: on,
    variation: getVariation(catalogue, variationId),
    sets: sets.filter(({ itemId }) => itemId === id),
  }));
  const [work] = recentWork(done);
  const byNeed: Partial<Record<Need, number>> = { ...work?.hardSetsByMuscle, 'knee-bend': work?.kneeBendSets ?? 0 };
  const roleOf = (blockId: string) => sheet.blocks.find(({ id }) => id === blockId)?.role;
  const exercises = items.flatMap(({ id, slot, variationId, blockId }) => {
    const role = roleOf(blockId);
    return role === 'main' || role === 'accessory' ? [{ slot, role, variationId, movedUp: movedUp.has(id) }] : [];
  });
  return { ...plan, trained: [...plan.trained, { planDay, on, sets: byNeed, exercises }] };
};
