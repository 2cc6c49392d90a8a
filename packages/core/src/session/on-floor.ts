import type { Block, Content, ContentItem } from '../composer';
import type { ChangeCause, LeverValues } from '../vocabulary';
import type { FloorChange } from './types';

/** A session as it runs: the sheet with every change of the day on it. */
export interface OnFloor<I extends ContentItem> {
  content: Content<I>;
  /** Sets aimed at where they differ from the sheet. */
  setsAim: ReadonlyMap<string, { sets: number; because: ChangeCause }>;
  /** Exercises left for today, and why. */
  left: ReadonlyMap<string, ChangeCause>;
  /** Stand-ins, and what each stands in for. */
  standsFor: ReadonlyMap<string, string>;
  /** Exercises that came in while the session ran. */
  added: ReadonlySet<string>;
}

/** What the fold needs of an exercise beside arranging: its settings, which a day's dose may change. */
type Item = ContentItem & { values: LeverValues };

interface State<I extends Item> {
  blocks: Block[];
  items: I[];
  setsAim: Map<string, { sets: number; because: ChangeCause }>;
  left: Map<string, ChangeCause>;
  standsFor: Map<string, string>;
  added: Set<string>;
}

const insertAfter = <T>(list: readonly T[], at: number, one: T): T[] => [...list.slice(0, at + 1), one, ...list.slice(at + 1)];

const add = <I extends Item>(state: State<I>, { item, role, afterItemId }: Extract<FloorChange<I>, { kind: 'add' }>): void => {
  if (state.items.some(({ id }) => id === item.id)) return;
  const found = state.items.findIndex(({ id }) => id === afterItemId);
  const at = found < 0 ? state.items.length - 1 : found;
  const beforeBlock = state.blocks.findIndex(({ id }) => id === state.items[at]?.blockId);
  const block: Block = { id: `x-${item.id}`, role, kind: 'straight', roundRestSeconds: 0 };
  // A block of its own, after the one it was put behind: a pair it lands beside stays a pair.
  state.blocks = insertAfter(state.blocks, beforeBlock < 0 ? state.blocks.length - 1 : beforeBlock, block);
  state.items = insertAfter(state.items, at, { ...item, blockId: block.id });
  state.added.add(item.id);
};

const swap = <I extends Item>(state: State<I>, { itemId, item, because }: Extract<FloorChange<I>, { kind: 'swap' }>): void => {
  const at = state.items.findIndex(({ id }) => id === itemId);
  const old = state.items[at];
  if (!old || state.items.some(({ id }) => id === item.id)) return;
  state.items = insertAfter(state.items, at, { ...item, blockId: old.blockId });
  state.left.set(itemId, because);
  state.standsFor.set(item.id, itemId);
  state.added.add(item.id);
};

const pair = <I extends Item>(
  state: State<I>,
  { itemId, withItemId, roundRestSeconds }: Extract<FloorChange<I>, { kind: 'pair' }>,
): void => {
  const [one, other] = [withItemId, itemId].map((wanted) => state.items.find(({ id }) => id === wanted));
  if (!one || !other || one === other || (one.blockId === other.blockId && one.blockId.startsWith('p-'))) return;
  const role = state.blocks.find(({ id }) => id === one.blockId)?.role ?? 'main';
  // Turned round and back again it would meet its own name: a block that holds somebody keeps it.
  const isTaken = (id: string) => state.items.some(({ blockId }) => blockId === id);
  let id = `p-${one.id}`;
  while (isTaken(id)) id = `${id}+`;
  const block: Block = { id, role, kind: 'rounds', roundRestSeconds };
  state.blocks = state.blocks.filter((known) => known.id !== block.id);
  const behind = state.blocks.findIndex(({ id }) => id === one.blockId);
  state.blocks = insertAfter(state.blocks, behind, block);
  const rest = state.items.filter(({ id }) => id !== other.id);
  const at = rest.findIndex(({ id }) => id === one.id);
  state.items = [...rest.slice(0, at), { ...one, blockId: block.id }, { ...other, blockId: block.id }, ...rest.slice(at + 1)];
};

const apply = <I extends Item>(state: State<I>, change: FloorChange<I>): void => {
  switch (change.kind) {
    case 'add':
      return add(state, change);
    case 'swap':
      return swap(state, change);
    case 'sets':
      return void state.setsAim.set(change.itemId, { sets: change.sets, because: change.because });
    case 'leave':
      return void state.left.set(change.itemId, change.because);
    case 'pair':
      return pair(state, change);
    case 'dose': {
      const { itemId, dose, values } = change;
      state.items = state.items.map((item) => (item.id === itemId ? { ...item, dose, values } : item));
    }
  }
};

/**
 * A sheet with the changes of the day on it, in the order they were made. Never throws: a change about something that
 * is not there changes nothing, and the same change twice counts once.
 * @example onFloor(sheet, [{ kind: 'leave', itemId: 'a', because: 'time' }]).left.get('a') // 'time'
 */
export const onFloor = <I extends Item>({ blocks, items }: Content<I>, changes: readonly FloorChange<I>[]): OnFloor<I> => {
  const state: State<I> = {
    blocks: [...blocks],
    items: [...items],
    setsAim: new Map(),
    left: new Map(),
    standsFor: new Map(),
    added: new Set(),
  };
  changes.forEach((change) => apply(state, change));
  return {
    content: { blocks: state.blocks, items: state.items },
    setsAim: state.setsAim,
    left: state.left,
    standsFor: state.standsFor,
    added: state.added,
  };
};
