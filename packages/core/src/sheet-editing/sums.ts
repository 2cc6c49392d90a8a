import { getVariation } from '../catalogue';
import type { Catalogue } from '../catalogue';
import { balanceOf, blocksOf, fetchList, targetReasons, timedBlocks, warningsOf } from '../composer';
import type { FetchList, SheetInput, Warning } from '../composer';
import { allowedLoads, feelersLeft, minutesReason, sessionMinutes, volumeOf } from '../dose';
import type { Dose } from '../dose';
import { roomOf } from '../kit';
import type { Kit } from '../kit';
import type { PersonLimit } from '../limits';
import { isDrillRole, ROLES } from '../vocabulary';
import type { EmphasisId, KitItem, Reason, Role } from '../vocabulary';
import type { DraftItem, DraftSheet } from './types';

/** What the sums read of where a sheet is trained, for whom, and what was proposed. */
export interface SummedFor {
  kit: Kit & { items: readonly KitItem[] };
  limits: readonly PersonLimit[];
  items: readonly { id: string; proposed: Dose }[];
}

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

/** The sums of a sheet as it stands, so that an edit shows them at once. Warnings need what it is composed from. */
export const sumsOf = (catalogue: Catalogue, sheet: SummedFor, content: DraftSheet, input: SheetInput | undefined): Sums => {
  const variationOf = (id: string) => getVariation(catalogue, id);
  const { kit, limits } = sheet;
  const feelersOf = (item: DraftItem): number => {
    const proposed = sheet.items.find(({ id }) => id === item.id)?.proposed ?? item.dose;
    return feelersLeft({ ...item, proposed });
  };
  const arranged = { blocks: content.blocks, items: content.items.map((item) => ({ ...item, feelers: feelersOf(item) })) };
  const loadsOf = (item: DraftItem) => allowedLoads(kit, limits, variationOf(item.variationId), item.values);
  const blocks = timedBlocks(arranged, ({ variationId }) => variationOf(variationId), loadsOf);
  const minutes = sessionMinutes(blocks);
  const filled = blocksOf(arranged);
  const work = filled.filter(({ block }) => !isDrillRole(block.role)).flatMap(({ items }) => items);
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
