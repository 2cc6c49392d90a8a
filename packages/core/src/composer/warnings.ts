import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { valueAt } from '../catalogue/knowledge';
import { allowedLoads } from '../dose';
import { isSameMass, roomOf } from '../kit';
import { keepTo, restrictionsIn } from '../limits';
import { accessTo } from '../selection';
import { isDrillRole, isPerSide, MAIN_FAMILIES, reason } from '../vocabulary';
import type { ItemId, KitItem, LeverId, LeverValue, LeverValues, Reason } from '../vocabulary';
import { heaviness } from './arrange';
import { blocksOf } from './content';
import type { Content, ContentItem } from './content';
import { fitTogether, standingNeeds, standingThings } from './kit-together';
import { leansTo } from './option';
import { daysSinceHeavy, hasShown } from './standing-in';
import type { SheetInput } from './types';

/** What would put a warning right; the editor applies it. */
export type Fix =
  | { kind: 'unpair'; itemId: ItemId }
  | { kind: 'even'; itemId: ItemId }
  | { kind: 'move-before'; itemId: ItemId; ontoId: string }
  | { kind: 'swap'; itemId: ItemId }
  | { kind: 'settings'; itemId: ItemId; values: LeverValues }
  | { kind: 'load'; itemId: ItemId; loadKg: number }
  | { kind: 'remove'; itemId: ItemId }
  | { kind: 'lighter'; itemId: ItemId }
  | { kind: 'fewer-sets'; itemId: ItemId }
  | { kind: 're-fit' };

/** Something wrong with a sheet, where, and what would put it right. */
export interface Warning {
  itemId: ItemId | null;
  reason: Reason;
  fix: Fix;
  /** What must not be trained; the rest is advice. */
  isHard: boolean;
}

export interface WarnedItem extends ContentItem {
  values: LeverValues;
}

/** Sets of knee and hip work, and of one leg and two, on a sheet. Drills count for nothing. */
export const balanceOf = (
  content: Content,
  variationOf: (id: string) => Variation,
): { kneeSets: number; hipSets: number; oneLegSets: number; twoLegSets: number } => {
  const sums = { kneeSets: 0, hipSets: 0, oneLegSets: 0, twoLegSets: 0 };
  for (const { block, items } of blocksOf(content)) {
    if (isDrillRole(block.role)) continue;
    for (const { variationId, dose } of items) {
      const variation = variationOf(variationId);
      const leans = leansTo(variation);
      if (leans === 'knee') sums.kneeSets += dose.sets;
      if (leans === 'hip') sums.hipSets += dose.sets;
      if (leans !== null) sums[isPerSide(variation.stance) ? 'oneLegSets' : 'twoLegSets'] += dose.sets;
    }
  }
  return sums;
};

/** Knee and hip work may differ by so many sets, or by half as much again. House default. */
const BALANCE = { sets: 3, ratio: 1.75 } as const;

interface Seen<I> {
  input: SheetInput;
  content: Content<I & ContentItem>;
  readonly variationOf: (id: string) => Variation;
}

const sharedKit = <I extends WarnedItem>({ input, content, variationOf }: Seen<I>): Warning[] => {
  const room = input.context.room ?? roomOf(input.context.kit, []);
  const things = standingThings(input.context.kit, room);
  return blocksOf(content).flatMap(({ block, items }): Warning[] => {
    if (block.kind !== 'rounds') return [];
    const needs = items.map(({ variationId }) => standingNeeds(variationOf(variationId), room));
    if (fitTogether(needs, things)) return [];
    for (const [at, item] of items.entries()) {
      const before = items.slice(0, at + 1).map((_, index) => needs[index] ?? []);
      if (fitTogether(before, things)) continue;
      const wanted = new Set((needs[at] ?? []).flat());
      const other = items.slice(0, at).findLast((_, index) => (needs[index] ?? []).flat().some((thing) => wanted.has(thing)));
      const shared =
        [...wanted].find((thing) => (needs[items.indexOf(other ?? item)] ?? []).flat().includes(thing)) ?? [...wanted][0];
      if (!other || shared === undefined) continue;
      const values: { variationId: string; otherId: string; item: KitItem } = {
        variationId: other.variationId,
        otherId: item.variationId,
        item: shared,
      };
      return [
        {
          itemId: item.id,
          isHard: false,
          reason: reason('warn-shared-kit', values, 'house-default'),
          fix: { kind: 'unpair', itemId: item.id },
        },
      ];
    }
    return [];
  });
};

const unevenRounds = <I extends WarnedItem>({ content }: Seen<I>): Warning[] =>
  blocksOf(content).flatMap(({ block, items }): Warning[] => {
    const [first] = items;
    const other = items.find(({ dose }) => dose.sets !== first?.dose.sets);
    if (block.kind !== 'rounds' || !first || !other) return [];
    const values = {
      variationId: first.variationId,
      sets: first.dose.sets,
      otherId: other.variationId,
      otherSets: other.dose.sets,
    };
    return [
      {
        itemId: other.id,
        isHard: false,
        reason: reason('warn-unequal-rounds', values, 'house-default'),
        fix: { kind: 'even', itemId: other.id },
      },
    ];
  });

const notOpen = <I extends WarnedItem>({ input, content, variationOf }: Seen<I>): Warning[] =>
  content.items.flatMap((item): Warning[] => {
    const { id: itemId, variationId, values } = item;
    const variation = variationOf(variationId);
    const access = accessTo(variation, input.context);
    if (access.state === 'locked') {
      const told = reason('warn-locked', { variationId }, 'house-default');
      return [{ itemId, isHard: true, reason: told, fix: { kind: 'swap', itemId } }];
    }
    const { values: kept } = keepTo(variation, restrictionsIn(access.reasons));
    const outside = (Object.entries(kept) as [LeverId, LeverValue][]).filter(
      ([lever, most]) => !isWithin(variation, lever, values, most),
    );
    if (outside.length === 0) return [];
    const told = reason('warn-setting', { variationId }, 'house-default');
    const within: LeverValues = { ...values, ...Object.fromEntries(outside) };
    return [{ itemId, isHard: true, reason: told, fix: { kind: 'settings', itemId, values: within } }];
  });

/** Whether a setting is as easy as the hardest a restriction leaves, or easier. */
const isWithin = (variation: Variation, lever: LeverId, values: LeverValues, most: LeverValue): boolean => {
  const scale = variation.levers.find((candidate) => candidate.lever === lever);
  if (!scale) return true;
  const value = valueAt(scale, values);
  return scale.ordered ? scale.steps.indexOf(value) <= scale.steps.indexOf(most) : value === most;
};

const offKit = <I extends WarnedItem>({ input, content, variationOf }: Seen<I>): Warning[] =>
  content.items.flatMap(({ id: itemId, variationId, values, dose }): Warning[] => {
    const loads = allowedLoads(input.context.kit, input.context.limits, variationOf(variationId), values);
    const loadKg = dose.load.externalKg;
    if (loads.some(({ externalKg }) => isSameMass(externalKg, loadKg))) return [];
    const [nearest] = [...loads].sort((a, b) => Math.abs(a.externalKg - loadKg) - Math.abs(b.externalKg - loadKg));
    if (!nearest) return [];
    const told = reason('warn-off-kit', { variationId, loadKg, nearestKg: nearest.externalKg }, 'house-default');
    return [{ itemId, isHard: false, reason: told, fix: { kind: 'load', itemId, loadKg: nearest.externalKg } }];
  });

const outOfOrder = <I extends WarnedItem>({ content, variationOf }: Seen<I>): Warning[] => {
  const work = blocksOf(content)
    .filter(({ block }) => block.role === 'main' || block.role === 'accessory')
    .flatMap(({ items }) => items);
  const weight = (item: I & ContentItem): number => heaviness(variationOf(item.variationId));
  for (const [at, item] of work.entries()) {
    // Bars, jumps and swings before everything that is neither.
    const isLight = ({ variationId }: ContentItem) =>
      isPerSide(variationOf(variationId).stance) || isHelper(variationOf(variationId));
    const before = weight(item) > 0 ? work.slice(0, at).find((other) => weight(other) === 0 && isLight(other)) : undefined;
    if (!before) continue;
    const told = reason('warn-order', { variationId: item.variationId, beforeId: before.variationId }, 'common-practice');
    return [{ itemId: item.id, isHard: false, reason: told, fix: { kind: 'move-before', itemId: item.id, ontoId: before.id } }];
  }
  return [];
};

const isHelper = ({ family }: Variation): boolean => !(MAIN_FAMILIES as readonly string[]).includes(family);

const twice = <I extends WarnedItem>({ content }: Seen<I>): Warning[] =>
  content.items.flatMap(({ id: itemId, variationId }, at): Warning[] =>
    content.items.findIndex((other) => other.variationId === variationId) === at
      ? []
      : [
          {
            itemId,
            isHard: false,
            reason: reason('warn-twice', { variationId }, 'house-default'),
            fix: { kind: 'remove', itemId },
          },
        ],
  );

const tooSoon = <I extends WarnedItem>({ input, content, variationOf }: Seen<I>): Warning[] =>
  content.items.flatMap(({ id: itemId, variationId, dose }): Warning[] => {
    const { family } = variationOf(variationId);
    if (!(MAIN_FAMILIES as readonly string[]).includes(family) || dose.load.externalKg === 0 || dose.reserve >= 4) return [];
    const days = daysSinceHeavy(input, family);
    if (days === null) return [];
    const told = reason('warn-48h', { family, days }, 'common-practice');
    return [{ itemId, isHard: false, reason: told, fix: { kind: 'lighter', itemId } }];
  });

const outOfBalance = <I extends WarnedItem>({ content, variationOf }: Seen<I>): Warning[] => {
  const { kneeSets, hipSets } = balanceOf(content, variationOf);
  const [more, less] = [Math.max(kneeSets, hipSets), Math.min(kneeSets, hipSets)];
  if (more - less <= BALANCE.sets || more <= BALANCE.ratio * less) return [];
  const side = kneeSets > hipSets ? 'knee' : 'hip';
  const [heaviest] = content.items
    .filter(({ variationId, dose }) => leansTo(variationOf(variationId)) === side && dose.sets > 1)
    .sort((a, b) => b.dose.sets - a.dose.sets);
  if (!heaviest) return [];
  const told = reason('warn-balance', { kneeSets, hipSets }, 'house-default');
  return [{ itemId: null, isHard: false, reason: told, fix: { kind: 'fewer-sets', itemId: heaviest.id } }];
};

const notShown = <I extends WarnedItem>({ input, content, variationOf }: Seen<I>): Warning[] =>
  content.items.flatMap(({ id: itemId, variationId }): Warning[] => {
    if (hasShown(input, variationId) || input.tracks.some((track) => track.variationId === variationId)) return [];
    const missing = variationOf(variationId).prerequisites.find((id) => !hasShown(input, id));
    if (missing === undefined) return [];
    const told = reason('warn-prerequisite', { variationId, prerequisiteId: missing }, 'common-practice');
    return [{ itemId, isHard: false, reason: told, fix: { kind: 'swap', itemId } }];
  });

/**
 * What is wrong with a sheet, the worst first, each with what would put it right. `minutes`: what it takes; `budget`:
 * what there is.
 */
export const warningsOf = <I extends WarnedItem>(
  input: SheetInput,
  content: Content<I>,
  { minutes, budget }: { minutes: number; budget: number },
): Warning[] => {
  const seen: Seen<I> = { input, content, variationOf: (id) => getVariation(input.context.catalogue, id) };
  const over: Warning[] =
    minutes > budget
      ? [
          {
            itemId: null,
            isHard: false,
            reason: reason('warn-minutes', { minutes, budget }, 'house-default'),
            fix: { kind: 're-fit' },
          },
        ]
      : [];
  return [
    ...notOpen(seen),
    ...over,
    ...sharedKit(seen),
    ...offKit(seen),
    ...tooSoon(seen),
    ...outOfOrder(seen),
    ...unevenRounds(seen),
    ...twice(seen),
    ...notShown(seen),
    ...outOfBalance(seen),
  ];
};
