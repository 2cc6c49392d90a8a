import type { ContentItemDto, SheetContentDto, SheetDto } from '@drubo/contracts';
import { allowedLoads, feelersLeft, minutesReason } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { balanceOf, blocksOf, fetchList, targetReasons, timedBlocks, warningsOf } from '@drubo/core/composing';
import type { FetchList, SheetInput, Warning } from '@drubo/core/composing';
import { sessionMinutes, volumeOf } from '@drubo/core/dose';
import { roomOf } from '@drubo/core/kit';
import { ROLES } from '@drubo/core/vocabulary';
import type { EmphasisId, Reason, Role } from '@drubo/core/vocabulary';

/** What stands on top of a sheet. */
export interface Sums {
  minutes: number;
  minutesWhy: Reason;
  byRole: { role: Role; minutes: number }[];
  balance: ReturnType<typeof balanceOf>;
  /** Why each muscle should get what it should today; none until it is known what the sheet is composed from. */
  setsWhy: Reason[];
  setsByMuscle: Partial<Record<EmphasisId, number>>;
  fetch: FetchList;
  warnings: Warning[];
}

const variationOf = (id: string) => getVariation(builtInCatalogue, id);

/** The sums of a sheet as it stands, counted here so that an edit shows them at once. Warnings need what it is composed from. */
export const sumsOf = (sheet: SheetDto, content: SheetContentDto, input: SheetInput | undefined): Sums => {
  const { kit, limits } = sheet;
  const feelersOf = (item: ContentItemDto): number => {
    const proposed = sheet.items.find(({ id }) => id === item.id)?.proposed ?? item.dose;
    return feelersLeft({ ...item, proposed });
  };
  const arranged = { blocks: content.blocks, items: content.items.map((item) => ({ ...item, feelers: feelersOf(item) })) };
  const loadsOf = (item: ContentItemDto) => allowedLoads(kit, limits, variationOf(item.variationId), item.values);
  const blocks = timedBlocks(arranged, ({ variationId }) => variationOf(variationId), loadsOf);
  const minutes = sessionMinutes(blocks);
  const filled = blocksOf(arranged);
  const work = filled.filter(({ block }) => block.role !== 'prep').flatMap(({ items }) => items);
  return {
    minutes,
    minutesWhy: minutesReason(blocks),
    byRole: ROLES.flatMap((role) => {
      const own = blocks.filter((_, at) => filled[at]?.block.role === role);
      return own.length === 0 ? [] : [{ role, minutes: sessionMinutes(own) }];
    }),
    setsWhy: input ? targetReasons(input) : [],
    balance: balanceOf(arranged, variationOf),
    setsByMuscle: volumeOf(work.map(({ dose, variationId }) => ({ dose, variation: variationOf(variationId) }))).hardSetsByMuscle,
    fetch: fetchList(arranged, ({ variationId }) => variationOf(variationId), roomOf(kit, kit.items)),
    warnings: input ? warningsOf(input, arranged, { minutes, budget: content.minutesBudget }) : [],
  };
};
