import type { Variation } from '../catalogue';
import { barOf } from '../kit';
import type { ImplementUse } from '../kit';
import type { KitItem } from '../vocabulary';
import type { Content, ContentItem } from './content';

/** What to bring before a session: the weights, each as often as it is used at once, and the things to stand ready. */
export interface FetchList {
  pieces: readonly ImplementUse[];
  things: readonly KitItem[];
}

/**
 * Weights and things a sheet needs, each once and at the most it is used at a time.
 * @example fetchList(content, variationOf, room).pieces // 24 kg bell × 1, 10 kg dumbbell × 2
 */
export const fetchList = (
  content: Content,
  variationOf: (item: ContentItem) => Variation,
  room: ReadonlySet<KitItem>,
): FetchList => {
  const pieces = new Map<string, ImplementUse>();
  const things = new Set<KitItem>();
  for (const item of content.items) {
    for (const use of item.dose.load.implements) {
      const known = pieces.get(use.pieceId);
      if (!known || known.count < use.count) pieces.set(use.pieceId, use);
    }
    for (const need of variationOf(item).kit) {
      const thing = need.find((candidate) => room.has(candidate)) ?? need[0];
      if (thing !== undefined && !isWeight(thing)) things.add(thing);
    }
  }
  const weight = ({ type }: ImplementUse): number => Number(barOf({ implements: [{ type } as ImplementUse] }) !== undefined);
  return {
    pieces: [...pieces.values()].sort((a, b) => weight(b) - weight(a) || a.type.localeCompare(b.type) || b.value - a.value),
    things: [...things],
  };
};

const WEIGHTS: ReadonlySet<KitItem> = new Set<KitItem>([
  'dumbbell',
  'dumbbell-pair',
  'kettlebell',
  'kettlebell-pair',
  'barbell',
  'trap-bar',
  'rucksack',
  'wall',
]);
const isWeight = (item: KitItem): boolean => WEIGHTS.has(item);
