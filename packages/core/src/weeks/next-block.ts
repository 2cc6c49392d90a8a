import type { RepRange } from '../catalogue';
import { NEEDS, openFor } from '../composer';
import type { SheetInput } from '../composer';
import { mondayOf, WEEK_DAYS } from '../units';
import type { DayRole, EmphasisId } from '../vocabulary';
import { daysInTraining, isNewTo } from './block-shape';
import { blockDone } from './block-done';
import { placesOn } from './lines';
import { planBlock } from './plan-block';
import { rotate } from './rotate';
import type { InBlock } from './rotate';
import type { Block, Plan, PlanTrained, WeekdayPlace } from './types';

/** What a plan is made after. */
export interface PlanWish {
  /** What the block is called for good. */
  id: string;
  /** The day it begins, whole days. */
  start: number;
  weekdays: readonly number[];
  /** Days of the week that are always elsewhere; left out: none. */
  places?: readonly WeekdayPlace[];
  /** The first day they ever trained here; null: none yet. */
  firstDay: number | null;
  isSplit: boolean;
  /** Blocks before this one. */
  number: number;
  /** Reps of the led lifts in the block before; null: the goal's own, or there was none. */
  zoneBefore?: RepRange | null;
}

/** A person's first plan, or one begun afresh. */
export const beginPlan = (input: SheetInput, wish: PlanWish): Plan => ({
  block: planBlock(input, wish),
  weekdays: [...new Set(wish.weekdays)].sort((a, b) => a - b),
  places: placesOn(wish.places ?? [], wish.weekdays),
  isSplit: wish.isSplit,
  rested: {},
  turned: [],
  left: [],
});

/** What a block's exercises did on days of a role, one entry a slot and movement. */
const inBlock = (trained: readonly PlanTrained[], role: DayRole): InBlock[] => {
  const found = new Map<string, InBlock>();
  for (const one of trained.filter((day) => day.role === role).flatMap(({ exercises }) => exercises)) {
    const key = `${one.slot}|${one.variationId}`;
    const known = found.get(key) ?? { ...one, sessions: 0, movedUp: false };
    found.set(key, { ...known, sessions: known.sessions + 1, movedUp: known.movedUp || one.movedUp });
  }
  return [...found.values()];
};

/** The day after a block: a Monday. */
export const endOf = ({ weeks, start }: Pick<Block, 'weeks' | 'start'>): number => (weeks.at(-1)?.start ?? start) + WEEK_DAYS;

/** The next block by itself: it begins where the last one ended, or in today's week, on the same days. */
export const blockAfter = (
  input: SheetInput,
  before: Plan,
  trained: readonly PlanTrained[],
  at: { id: string; today: number; firstDay: number | null },
): Plan => {
  const start = Math.max(endOf(before.block), mondayOf(at.today));
  const { weekdays, places, isSplit, block } = before;
  return nextBlock(input, before, trained, {
    ...at,
    start,
    weekdays,
    ...(places ? { places } : {}),
    isSplit,
    number: block.number + 1,
  });
};

/** Whether something else that is open to the person trains what an exercise of a slot does. */
const hasOther = (input: SheetInput, slot: string, variationId: string): boolean =>
  openFor(input, slot).some((id) => id !== variationId);

/** Muscles that got less than their floor in more loading weeks than not. */
const lackingIn = ({ block }: Pick<Plan, 'block'>, trained: readonly PlanTrained[]): EmphasisId[] => {
  const loading = block.weeks.filter(({ kind }) => kind === 'loading');
  const weeks = blockDone({ ...block, weeks: loading }, trained).filter(({ daysDone }) => daysDone > 0);
  return NEEDS.filter((need): need is EmphasisId => need !== 'knee-bend').filter((need) => {
    const floor = block.weekly[need]?.floor ?? 0;
    return weeks.filter(({ sets }) => (sets[need]?.done ?? 0) < floor).length > weeks.length / 2;
  });
};

/** A block that comes after another, from what was trained in that one. */
export const nextBlock = (
  input: SheetInput,
  before: Pick<Plan, 'block'>,
  trained: readonly PlanTrained[],
  wish: PlanWish,
): Plan => {
  const isNew = isNewTo(daysInTraining(wish.firstDay, wish.start));
  const roles = [...new Set(trained.map(({ role }) => role))];
  const turned = roles.flatMap((role) => {
    const done = inBlock(trained, role).map((one) => ({ ...one, hasOther: hasOther(input, one.slot, one.variationId) }));
    return rotate(done, { isNew, lacking: lackingIn(before, trained) }).map((rotation) => ({ role, rotation }));
  });
  const goneOf = (role: DayRole): string[] =>
    turned.flatMap(({ role: of, rotation }) => (of === role && !rotation.stays ? [rotation.variationId] : []));
  return {
    ...beginPlan(input, { ...wish, zoneBefore: before.block.zone }),
    rested: Object.fromEntries(roles.map((role) => [role, goneOf(role)])),
    turned,
  };
};
