import type { ItemId, Role } from '../vocabulary';
import { ROLES } from '../vocabulary';
import { blocksOf } from './content';
import type { Block, Content, ContentItem } from './content';

/** An exercise alone, or those that go in turn. Edits work on units; blocks are made of them again. */
interface Unit<I> {
  role: Role;
  items: readonly I[];
  roundRestSeconds: number;
}

const unitsOf = <I extends ContentItem>(content: Content<I>): Unit<I>[] =>
  blocksOf(content).flatMap(({ block: { role, kind, roundRestSeconds }, items }): Unit<I>[] =>
    kind === 'rounds' && items.length > 1
      ? [{ role, items, roundRestSeconds }]
      : items.map((item) => ({ role, items: [item], roundRestSeconds: 0 })),
  );

/** Blocks and exercises of units, ids by place: the same arrangement always has the same ids. */
const contentOf = <I extends ContentItem>(units: readonly Unit<I>[]): Content<I> => {
  const blocks: Block[] = [];
  const items: I[] = [];
  for (const { role, items: together, roundRestSeconds } of units) {
    const kind = together.length > 1 ? 'rounds' : 'straight';
    const last = blocks.at(-1);
    if (kind === 'rounds' || last?.kind !== 'straight' || last.role !== role) {
      blocks.push({ id: `b${blocks.length}`, role, kind, roundRestSeconds });
    }
    const blockId = blocks.at(-1)?.id ?? '';
    items.push(...together.map((item) => (item.blockId === blockId ? item : { ...item, blockId })));
  }
  return { blocks, items };
};

const unitAt = <I extends ContentItem>(units: readonly Unit<I>[], itemId: ItemId): number =>
  units.findIndex(({ items }) => items.some(({ id }) => id === itemId));

const roleOrder = (role: Role): number => ROLES.indexOf(role);

/** The exercise put last among those of its role. */
export const addItem = <I extends ContentItem>(content: Content<I>, item: I, role: Role): Content<I> => {
  const units = unitsOf(content);
  const after = units.findLastIndex((unit) => roleOrder(unit.role) <= roleOrder(role));
  const unit: Unit<I> = { role, items: [item], roundRestSeconds: 0 };
  return contentOf([...units.slice(0, after + 1), unit, ...units.slice(after + 1)]);
};

export const removeItem = <I extends ContentItem>(content: Content<I>, itemId: ItemId): Content<I> =>
  contentOf(
    unitsOf(content)
      .map((unit) => ({ ...unit, items: unit.items.filter(({ id }) => id !== itemId) }))
      .filter(({ items }) => items.length > 0),
  );

/** Another exercise, or other numbers, where one stands. */
export const replaceItem = <I extends ContentItem>(content: Content<I>, itemId: ItemId, item: I): Content<I> => ({
  ...content,
  items: content.items.map((old) => (old.id === itemId ? { ...item, blockId: old.blockId } : old)),
});

/**
 * An exercise one place up or down: within its pair or circuit first; at the end of a stretch it takes on the next one's
 * role before it moves on. Null at the end of the sheet.
 */
export const moveItem = <I extends ContentItem>(content: Content<I>, itemId: ItemId, by: -1 | 1): Content<I> | null => {
  const units = unitsOf(content);
  const at = unitAt(units, itemId);
  const unit = units[at];
  if (!unit) return null;
  if (unit.items.length > 1) {
    const inside = unit.items.findIndex(({ id }) => id === itemId);
    const items = swapped(unit.items, inside, inside + by);
    if (items) return contentOf(units.with(at, { ...unit, items }));
  }
  const next = units[at + by];
  if (next && next.role !== unit.role) return contentOf(units.with(at, { ...unit, role: next.role }));
  const moved = swapped(units, at, at + by);
  return moved && contentOf(moved);
};

const swapped = <T>(list: readonly T[], one: number, other: number): T[] | null => {
  const [a, b] = [list[one], list[other]];
  return a === undefined || b === undefined || other < 0 ? null : list.with(one, b).with(other, a);
};

/** An exercise, with what goes in turn with it, put where another stands: before it when it comes from below. */
export const moveTo = <I extends ContentItem>(content: Content<I>, itemId: ItemId, ontoId: string): Content<I> => {
  const units = unitsOf(content);
  const [from, to] = [unitAt(units, itemId), unitAt(units, ontoId)];
  const [unit, onto] = [units[from], units[to]];
  if (!unit || !onto || from === to) return content;
  const rest = units.filter((_, at) => at !== from);
  return contentOf([...rest.slice(0, to), { ...unit, role: onto.role }, ...rest.slice(to)]);
};

/** Rest after a round, of exercises put together: half of what they rested alone, to whole quarters of a minute. */
const restTogether = (items: readonly ContentItem[]): number =>
  Math.max(15, Math.round(items.reduce((sum, { dose }) => sum + dose.restSeconds, 0) / items.length / 2 / 15) * 15);

/** An exercise done in turn with the one below it; joins its pair or circuit where there is one. Null at the end. */
export const pairWithNext = <I extends ContentItem>(content: Content<I>, itemId: ItemId): Content<I> | null => {
  const units = unitsOf(content);
  const at = unitAt(units, itemId);
  const [unit, next] = [units[at], units[at + 1]];
  if (!unit || !next) return null;
  const items = [...unit.items, ...next.items];
  const known = unit.roundRestSeconds || next.roundRestSeconds;
  const together: Unit<I> = { role: unit.role, items, roundRestSeconds: known || restTogether(items) };
  return contentOf([...units.slice(0, at), together, ...units.slice(at + 2)]);
};

/** An exercise taken out of its pair or circuit, and put after it. */
export const unpair = <I extends ContentItem>(content: Content<I>, itemId: ItemId): Content<I> => {
  const units = unitsOf(content);
  const at = unitAt(units, itemId);
  const unit = units[at];
  const item = unit?.items.find(({ id }) => id === itemId);
  if (!unit || !item || unit.items.length < 2) return content;
  const left = { ...unit, items: unit.items.filter(({ id }) => id !== itemId) };
  const alone: Unit<I> = { role: unit.role, items: [item], roundRestSeconds: 0 };
  const isFirst = unit.items[0]?.id === itemId;
  return contentOf([...units.slice(0, at), ...(isFirst ? [alone, left] : [left, alone]), ...units.slice(at + 1)]);
};

/** An exercise, with what goes in turn with it, in another role: last of it. */
export const setRole = <I extends ContentItem>(content: Content<I>, itemId: ItemId, role: Role): Content<I> => {
  const units = unitsOf(content);
  const at = unitAt(units, itemId);
  const unit = units[at];
  if (!unit || unit.role === role) return content;
  const rest = units.filter((_, one) => one !== at);
  const after = rest.findLastIndex((other) => roleOrder(other.role) <= roleOrder(role));
  return contentOf([...rest.slice(0, after + 1), { ...unit, role }, ...rest.slice(after + 1)]);
};

/** Rest after each round of the pair or circuit an exercise is in. */
export const setRoundRest = <I extends ContentItem>(
  content: Content<I>,
  itemId: ItemId,
  roundRestSeconds: number,
): Content<I> => {
  const blockId = content.items.find(({ id }) => id === itemId)?.blockId;
  return { ...content, blocks: content.blocks.map((block) => (block.id === blockId ? { ...block, roundRestSeconds } : block)) };
};

/** All exercises that go in turn with one given as many sets as it has at most. */
export const evenRounds = <I extends ContentItem>(content: Content<I>, itemId: ItemId): Content<I> => {
  const blockId = content.items.find(({ id }) => id === itemId)?.blockId;
  const inBlock = content.items.filter((item) => item.blockId === blockId);
  const sets = Math.max(...inBlock.map(({ dose }) => dose.sets));
  return {
    ...content,
    items: content.items.map((item) =>
      item.blockId === blockId && item.dose.sets !== sets ? { ...item, dose: { ...item.dose, sets } } : item,
    ),
  };
};

/** A slot no exercise of the sheet has yet: the family's or the muscle's name, numbered from the second on. */
export const freeSlot = (content: Content, wanted: string): string => {
  const taken = new Set(content.items.map(({ slot }) => slot));
  if (!taken.has(wanted)) return wanted;
  let number = 2;
  while (taken.has(`${wanted}-${number}`)) number += 1;
  return `${wanted}-${number}`;
};
