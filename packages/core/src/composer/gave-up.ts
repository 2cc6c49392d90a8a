import { getVariation } from '../catalogue';
import { accessTo } from '../selection';
import { reason } from '../vocabulary';
import type { EmphasisId, MainFamily, Reason } from '../vocabulary';
import { candidatesOf, ladderOf, SLOT_LADDERS } from './choose-start';
import { mainOptions } from './main-options';
import { daysSinceHeavy } from './standing-in';
import type { Ask, Option } from './option';
import type { ShapeRule } from './shapes';
import { setsWantedToday } from './targets';
import type { LeftOff, SheetInput } from './types';
import { MARGIN } from './margin';
import { boundBy, fullWhenNotIdle } from './bound-by';
import type { Bound, RoomLeft } from './bound-by';
import { setsFor, workOf } from './sets-for';
import { countsFor } from './weekly-table';

/** Families of the shape that got nothing, with why; and what is locked at or above the movement that was chosen. */
export const leftOff = (input: SheetInput, ask: Ask, rule: ShapeRule, room: RoomLeft): LeftOff[] => {
  const { items } = room.composed;
  return rule.families.flatMap((slot): LeftOff[] => {
    if (items.some((item) => item.slot === slot)) return [];
    if (input.tracks.some((track) => track.slot === slot && track.leftOut)) return [];
    const days = daysSinceHeavy(input, slot);
    const options = mainOptions(input, ask, slot);
    const best = options.toSorted((a, b) => a.item.dose.sets - b.item.dose.sets || b.value - a.value)[0];
    if (!best && days !== null)
      return [{ slot, variationId: null, reasons: [reason('rests-48h', { family: slot, days }, 'common-practice')] }];
    if (!best) return [{ slot, variationId: null, reasons: [reason('nothing-open', { slot }, 'house-default')] }];
    const more = { variation: best.variation, sets: best.item.dose.sets, seconds: best.seconds, isExercise: true };
    const told = leftFor(best.variation.id, boundBy(input, more, room), ask.minutes);
    return [{ slot, variationId: best.variation.id, reasons: [told] }];
  });
};

const leftFor = (variationId: string, bound: Bound, budget: number): Reason => {
  if (bound.by === 'week') {
    const { emphasis, most, cap } = bound;
    return reason('left-for-week', { variationId, emphasis, most, cap }, 'house-default');
  }
  if (bound.by === 'exercises') return reason('left-for-exercises', { variationId, most: bound.most }, 'house-default');
  if (bound.by === 'plan') return reason('left-for-plan', { variationId }, 'house-default');
  if (bound.by === 'other') return reason('left-for-others', { variationId }, 'house-default');
  return reason('left-for-minutes', { variationId, minutes: bound.minutes, budget }, 'house-default');
};

/** A muscle short of this many sets is worth telling. */
const TELL_FROM_SETS = 1.5;
/** No more than so many are told. */
const TELL_MOST = 3;

/** What the shape wanted and the session has no room for, the most missed first; why there is no session at all. */
export const gaveUp = (
  input: SheetInput,
  ask: Ask,
  rule: ShapeRule,
  room: RoomLeft,
  { muscles, groups }: { muscles: readonly EmphasisId[]; groups: readonly (readonly Option[])[] },
): Reason[] => {
  const { composed } = room;
  if (composed.items.length === 0) return nothingFits(input, ask, rule, groups);
  const short = muscles.flatMap((emphasis) => {
    const wanted = setsWantedToday(emphasis, input);
    const sets = setsFor(input, composed, emphasis);
    return wanted - sets < TELL_FROM_SETS ? [] : [{ emphasis, wanted, sets }];
  });
  const round = (value: number) => Math.round(value * 10) / 10;
  return short
    .sort((a, b) => b.wanted - b.sets - (a.wanted - a.sets))
    .slice(0, TELL_MOST)
    .map(({ emphasis, wanted, sets }) => {
      const told = { emphasis, setsWanted: round(wanted), sets: round(sets) };
      const bound = boundOn(input, emphasis, groups, room);
      // What is short for want of an exercise, or of room in the week, is not short for want of minutes.
      if (bound.by === 'exercises') return reason('gave-up-exercises', { ...told, most: bound.most }, 'house-default');
      if (bound.by === 'week') {
        return reason('gave-up-week', { ...told, most: bound.most, cap: bound.cap, by: bound.emphasis }, 'house-default');
      }
      if (bound.by === 'plan') return reason('gave-up-plan', told, 'house-default');
      if (bound.by === 'other') return reason('gave-up-others', told, 'house-default');
      return reason('gave-up-muscle', { ...told, minutes: ask.minutes }, 'house-default');
    });
};

/** What keeps a muscle's shortest exercise that isn't there off the sheet. */
const boundOn = (input: SheetInput, emphasis: EmphasisId, groups: readonly (readonly Option[])[], room: RoomLeft): Bound => {
  const taken = new Set(workOf(room.composed).map(({ variationId }) => variationId));
  const [shortest] = groups
    .flat()
    .filter(({ role, variation }) => (role === 'main' || role === 'accessory') && countsFor(variation, emphasis) > 0)
    .filter(({ variation }) => !taken.has(variation.id))
    .toSorted((a, b) => a.seconds - b.seconds);
  if (!shortest) return { by: 'other' };
  const { variation, item, seconds } = shortest;
  return boundBy(input, { variation, sets: item.dose.sets, seconds, isExercise: true }, fullWhenNotIdle(room));
};

/** Why there is no session at all, and what would have to give. */
const nothingFits = (input: SheetInput, ask: Ask, rule: ShapeRule, groups: readonly (readonly Option[])[]): Reason[] => {
  const work = groups.flat().filter(({ role }) => role === 'main' || role === 'accessory');
  if (work.length > 0) {
    const least = Math.min(...work.map((option) => option.seconds));
    const leastMinutes = Math.ceil((least + MARGIN.leastSeconds) / 60);
    return [
      reason('nothing-fits', { minutes: ask.minutes, leastMinutes }, 'house-default'),
      reason('relax-minutes', { minutes: leastMinutes }, 'house-default'),
    ];
  }
  const all = rule.families.flatMap((slot) => allRungs(slot));
  const accesses = all.flatMap((id) => {
    const variation = input.context.catalogue.variations.find((candidate) => candidate.id === id);
    return variation ? [accessTo(variation, input.context)] : [];
  });
  const byKit = accesses.filter(({ isKit }) => isKit).length;
  const byLimits = accesses.filter(({ state, isKit }) => state === 'locked' && !isKit).length;
  return [
    reason('nothing-fits', { minutes: ask.minutes, leastMinutes: 0 }, 'house-default'),
    ...(byLimits > 0 ? [reason('relax-limits', { exercises: byLimits }, 'house-default')] : []),
    ...(byKit > 0 ? [reason('relax-place', { exercises: byKit }, 'house-default')] : []),
  ];
};

const allRungs = (slot: MainFamily): string[] => [
  ...new Set(SLOT_LADDERS[slot].ladders.flatMap((id) => ladderOf(id).rungs.map(({ variationId }) => variationId))),
];

/** Why a family's movement and not a harder one of its ladder: what is locked above it, nearest first. */
export const passedOver = (input: SheetInput, slot: MainFamily, variationId: string): LeftOff[] => {
  const [main] = SLOT_LADDERS[slot].ladders.map(ladderOf);
  if (!main) return [];
  const stage = main.rungs.find((rung) => rung.variationId === variationId)?.stage ?? 0;
  const open = new Set(
    candidatesOf({ context: input.context, starts: [], aids: {}, dislikes: [] }, main, main.rungs).map(
      ({ variation }) => variation.id,
    ),
  );
  return main.rungs
    .filter((rung) => rung.stage > stage && !rung.aside && !open.has(rung.variationId))
    .slice(0, 3)
    .map((rung) => ({
      slot,
      variationId: rung.variationId,
      reasons: accessTo(getVariation(input.context.catalogue, rung.variationId), input.context).reasons,
    }));
};
