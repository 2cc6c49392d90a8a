import type { Variation } from '../catalogue';
import type { SheetInput } from '../composer';
import type { KitItem, PieceType } from '../vocabulary';
import type { LiveItem } from './types';

/** Something an exercise needs that somebody else may be using. */
export type TakenThing = { kind: 'item'; id: KitItem } | { kind: 'piece'; id: PieceType };

/** The kit a held thing is also listed as. */
const ITEMS_OF: Partial<Record<PieceType, readonly KitItem[]>> = {
  bar: ['barbell'],
  dumbbell: ['dumbbell', 'dumbbell-pair'],
  kettlebell: ['kettlebell', 'kettlebell-pair'],
};
const HELD = new Set(Object.values(ITEMS_OF).flat());

/** What an exercise stands on, leans on and holds here. */
export const thingsOf = (variation: Variation, item: Pick<LiveItem, 'dose'>, room: ReadonlySet<KitItem>): TakenThing[] => {
  const items = [...new Set(variation.kit.flat())]
    .filter((id) => room.has(id) && !HELD.has(id))
    .map((id) => ({ kind: 'item' as const, id }));
  const pieces = [...new Set(item.dose.load.implements.map(({ type }) => type))]
    .filter((id) => ITEMS_OF[id] !== undefined)
    .map((id) => ({ kind: 'piece' as const, id }));
  return [...items, ...pieces];
};

/** The room and the rack without what is taken. */
export const withoutTaken = (input: SheetInput, taken: readonly TakenThing[]): SheetInput => {
  const items = new Set(taken.flatMap((thing) => (thing.kind === 'item' ? [thing.id] : (ITEMS_OF[thing.id] ?? []))));
  const pieces = new Set(taken.flatMap((thing) => (thing.kind === 'piece' ? [thing.id] : [])));
  const { kit, room } = input.context;
  return {
    ...input,
    context: {
      ...input.context,
      room: room && new Set([...room].filter((id) => !items.has(id))),
      kit: { ...kit, pieces: kit.pieces.filter(({ type }) => !pieces.has(type)) },
    },
  };
};
