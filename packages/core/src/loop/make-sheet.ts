import { carrySheet, compose, usualShape } from '../composer';
import type { Carried, Content, PlannedItem, SheetInput } from '../composer';
import { isSameDose } from '../dose';
import { withinMinutes } from './within-minutes';
import type { Intent, SplitDay } from '../vocabulary';
import { kitOfDay, roleOf, setsPattern, tracksFor } from './roles';
import type { SheetItem, SheetPlan } from './types';

/** What the next sheet is made after, and how long it may be. */
export interface MadeAfter {
  /** The person's own minutes. */
  minutes: number;
  /** The last sheet done that was one of the plan's days; null: none yet. */
  last: SheetPlan | null;
  /** The sheet whose arrangement comes again: the last one, of a split the last of its other day. */
  pattern: SheetPlan | null;
  /** The sheet that waits already, made before the review; what the trainer did to it stays. Null: none. */
  waiting: SheetPlan | null;
  readonly newId: () => string;
}

const asItem = (item: PlannedItem, at: { id: string; blockId: string; isOwn: boolean }): SheetItem => ({
  ...item,
  ...at,
  proposed: item.dose,
});

/** An exercise planned again over the one that stands there: numbers and a method set by hand stay as they are. */
export const over = (stored: SheetItem | undefined, planned: SheetItem): SheetItem => {
  if (!stored || stored.variationId !== planned.variationId) return planned;
  const isEdited = !isSameDose(stored.dose, stored.proposed);
  return {
    ...planned,
    ...(isEdited ? { dose: stored.dose } : {}),
    ...(stored.methodChosen ? { method: stored.method, methodChosen: true } : {}),
  };
};

/** The exercises of a sheet planned again. */
export const carriedItems = ({ content, planned }: Carried, stored: readonly SheetItem[]): SheetItem[] =>
  content.items.flatMap((item) => {
    const plan = planned.get(item.id);
    if (!plan) return [];
    const known = stored.find(({ id }) => id === item.id);
    return [over(known, asItem(plan, { id: item.id, blockId: item.blockId, isOwn: known?.isOwn ?? false }))];
  });

/** What a session's shape goes on from. */
type DayShape = Pick<SheetPlan, 'shape' | 'splitDay' | 'minutesBudget' | 'kitId'>;

/** Which day of a split comes next: the plan says, else the other one. */
const splitDayOf = ({ planned }: SheetInput, last: DayShape | null): SplitDay => {
  if (planned?.role === 'a' || planned?.role === 'b') return planned.role;
  return last?.splitDay === 'a' ? 'b' : 'a';
};

/** A session composed anew, in the shape of the last one; the other day of a split. */
export const composeSheet = (
  input: SheetInput,
  {
    minutes: own,
    last,
    newId,
    intent = input.planned?.intent ?? 'build',
  }: Pick<MadeAfter, 'minutes' | 'newId'> & { last: DayShape | null; intent?: Intent | undefined },
): SheetPlan => {
  const here = input.planned?.here ?? null;
  const minutesBudget = here?.minutes ?? last?.minutesBudget ?? null;
  const minutes = minutesBudget ?? own;
  const shape = last && setsPattern(last) ? last.shape : usualShape(input, minutes);
  const splitDay = shape === 'two-day-split' ? splitDayOf(input, last) : null;
  const planRole = input.planned?.role ?? roleOf(splitDay);
  const made = compose(
    { ...input, tracks: tracksFor(input.tracks, planRole, input.trainsOn ?? input.day) },
    { shape, minutes, intent, ...(splitDay ? { splitDay } : {}) },
  );
  return {
    // A day of the plan with nothing hard on it is one of mobility.
    shape: made.shape,
    intent,
    splitDay,
    // A lighter day of the plan, or one elsewhere or shorter, is history: it writes no track.
    dayRole: input.planned?.isHistory === true || (input.planned && intent === 'lighter') ? null : planRole,
    planDay: input.planned?.dayKey ?? null,
    minutesBudget,
    kitId: kitOfDay(input.planned, last?.kitId ?? null),
    blocks: made.blocks,
    isShaped: false,
    gaveUp: made.gaveUp,
    leftOff: made.left,
    items: made.items.map((item) => asItem(item, { id: newId(), blockId: item.blockId, isOwn: false })),
  };
};

/** The arrangement of an earlier sheet for the next time: movements follow their tracks, what was left out stays off. */
const repeatSheet = (given: SheetInput, before: SheetPlan, newId: MadeAfter['newId']): SheetPlan => {
  const dayRole = before.dayRole ?? roleOf(before.splitDay);
  const input = { ...given, tracks: tracksFor(given.tracks, dayRole, given.trainsOn ?? given.day) };
  const kept = before.items.flatMap((item): SheetItem[] => {
    const track = input.tracks.find(({ slot }) => slot === item.slot);
    if (track?.leftOut) return [];
    const moved = track ? { variationId: track.variationId, values: track.values } : {};
    return [{ ...item, ...moved, id: newId(), isOwn: item.isOwn || track?.variationId === item.variationId }];
  });
  const content: Content<SheetItem> = { blocks: before.blocks, items: kept };
  const carried = carrySheet(input, content, true, newId);
  const items = carriedItems(carried, []).map((item) => ({
    ...item,
    isOwn: kept.find(({ id }) => id === item.id)?.isOwn ?? false,
  }));
  const next: SheetPlan = {
    ...before,
    dayRole,
    planDay: given.planned?.dayKey ?? null,
    intent: 'build',
    blocks: carried.content.blocks,
    isShaped: true,
    gaveUp: [],
    leftOff: carried.left,
    items,
  };
  return withinMinutes(input, next, before);
};

/** Whether the trainer changed anything on a sheet: an exercise, its numbers, the order. */
const isEdited = ({ isShaped, items }: SheetPlan): boolean =>
  isShaped || items.some(({ dose, proposed }) => !isSameDose(dose, proposed));

/** A sheet planned again: the arrangement and what was set by hand stay, the other numbers follow. */
export const carryPlan = (given: SheetInput, sheet: SheetPlan, newId: MadeAfter['newId']): SheetPlan => {
  const input = {
    ...given,
    tracks: tracksFor(given.tracks, sheet.dayRole ?? roleOf(sheet.splitDay), given.trainsOn ?? given.day),
  };
  const carried = carrySheet(input, sheet, sheet.isShaped, newId);
  const next = { ...sheet, blocks: carried.content.blocks, items: carriedItems(carried, sheet.items), leftOff: carried.left };
  return withinMinutes(input, next, sheet);
};

/** An exercise that stays keeps its id, and what points at it stays right. */
const withKnownIds = (sheet: SheetPlan, known: SheetPlan | null): SheetPlan => ({
  ...sheet,
  items: sheet.items.map((item) => {
    const same = known?.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
    return same ? { ...over(same, item), id: same.id } : item;
  }),
});

/**
 * The next sheet: one that waits with the trainer's hand on it is planned again; an arrangement made by hand comes again
 * with new numbers; anything else is composed. Pure: the same input and ids give the same sheet.
 */
export const nextSheet = (input: SheetInput, after: MadeAfter): SheetPlan => {
  const { waiting, pattern, newId } = after;
  if (waiting && isEdited(waiting)) return carryPlan(input, waiting, newId);
  // A lighter day, or one elsewhere or shorter, is arranged for itself; what was arranged by hand comes again after it.
  const isOwnDay = input.planned !== undefined && (input.planned.intent === 'lighter' || input.planned.isHistory);
  const repeats = pattern?.isShaped === true && !isOwnDay;
  return withKnownIds(repeats ? repeatSheet(input, pattern, newId) : composeSheet(input, after), waiting);
};
