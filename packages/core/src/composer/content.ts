import { rampCount } from '../dose';
import type { Dose, TimedBlock } from '../dose';
import type { Variation } from '../catalogue';
import type { Load } from '../kit';
import { isDrillRole } from '../vocabulary';
import type { BlockKind, Role } from '../vocabulary';

/** A stretch of a session: exercises one after another, or a pair or circuit that goes round. */
export interface Block {
  id: string;
  role: Role;
  kind: BlockKind;
  /** Rest after each round, s; not taken by `straight`. */
  roundRestSeconds: number;
}

/** What arranging and timing need of an exercise; sheets carry more. */
export interface ContentItem {
  id: string;
  blockId: string;
  slot: string;
  variationId: string;
  dose: Dose;
  feelers: number;
}

/** A session as it is arranged: blocks in order, and the exercises in order, each in a block. */
export interface Content<I extends ContentItem = ContentItem> {
  blocks: readonly Block[];
  items: readonly I[];
}

/** The blocks with their exercises; empty blocks are gone. */
export const blocksOf = <I extends ContentItem>({ blocks, items }: Content<I>): { block: Block; items: I[] }[] =>
  blocks
    .map((block) => ({ block, items: items.filter(({ blockId }) => blockId === block.id) }))
    .filter((filled) => filled.items.length > 0);

/** The first lift of each pattern, done by itself: drills and what goes in turn get no ramp of their own. */
export const firstOfPattern = <I extends ContentItem>(
  content: Content<I>,
  variationOf: (item: I) => Variation,
): ReadonlySet<string> => {
  const seen = new Set<string>();
  return new Set(
    blocksOf(content).flatMap(({ block, items }) =>
      block.role !== 'main' || block.kind === 'rounds'
        ? []
        : items.flatMap((item) => {
            const { family } = variationOf(item);
            if (seen.has(family)) return [];
            seen.add(family);
            return [item.id];
          }),
    ),
  );
};

/** A session as time reads it. `loadsOf`: every load the kit makes for an exercise, for its ramp. */
export const timedBlocks = <I extends ContentItem>(
  content: Content<I>,
  variationOf: (item: I) => Variation,
  loadsOf: (item: I) => readonly Load[],
): TimedBlock[] => {
  const firsts = firstOfPattern(content, variationOf);
  return blocksOf(content).map(({ block, items }) => ({
    kind: block.kind,
    roundRestSeconds: block.roundRestSeconds,
    items: items.map((item) => ({
      dose: item.dose,
      variation: variationOf(item),
      feelers: item.feelers,
      ramps: isDrillRole(block.role) ? 0 : rampCount(item.dose.load, item.feelers, loadsOf(item), firsts.has(item.id)),
    })),
  }));
};
