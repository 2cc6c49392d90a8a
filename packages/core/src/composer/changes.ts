import { asksReserve, isSameDose } from '../dose';
import type { Dose } from '../dose';
import type { Intent, KitId, Role, SessionShape, SplitDay } from '../vocabulary';
import { blocksOf } from './content';
import type { Content, ContentItem } from './content';

/** One thing that differs between two arrangements of a sheet. Wording stands in `explain`. */
export type SheetChange =
  | { kind: 'shape'; from: SessionShape; to: SessionShape }
  | { kind: 'day'; to: SplitDay }
  | { kind: 'intent'; from: Intent; to: Intent }
  | { kind: 'minutes'; from: number; to: number }
  | { kind: 'place'; toKitId: KitId | null }
  | { kind: 'out'; variationId: string }
  | { kind: 'in'; variationId: string; role: Role }
  | { kind: 'instead'; from: string; to: string }
  | { kind: 'dose'; variationId: string; fromItem: ContentItem; toItem: ContentItem }
  | { kind: 'settings'; variationId: string }
  | { kind: 'role'; variationId: string; from: Role; to: Role }
  | { kind: 'together'; variationIds: readonly string[] }
  | { kind: 'apart'; variationId: string }
  | { kind: 'order' };

interface Changed extends ContentItem {
  values: Readonly<Record<string, unknown>>;
}

const roleOf = (content: Content, item: ContentItem): Role =>
  content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';

/** A dose as it is shown: where no reserve is asked for, another one is no change. */
const asShown = (content: Content, item: ContentItem): Dose =>
  asksReserve(item.dose, roleOf(content, item)) ? item.dose : { ...item.dose, reserve: 0 };

/** Exercises that go in turn with each: their movements, in order; none for one alone. */
const partners = (content: Content, item: ContentItem): string => {
  const found = blocksOf(content).find(({ block }) => block.id === item.blockId);
  return found?.block.kind === 'rounds' ? found.items.map(({ variationId }) => variationId).join(' ') : '';
};

const isSameSettings = (a: Changed, b: Changed): boolean => JSON.stringify(sorted(a.values)) === JSON.stringify(sorted(b.values));
const sorted = (values: Changed['values']) => Object.entries(values).sort(([a], [b]) => a.localeCompare(b));

/**
 * What changes from one arrangement to another, in the order a trainer reads it: what goes, what comes, what takes whose
 * place, then numbers, roles, turns and order. Exercises are the same when their movement is, or else their slot.
 */
export const changesBetween = (before: Content<Changed>, after: Content<Changed>): SheetChange[] => {
  const same = (a: Changed, b: Changed): boolean => a.variationId === b.variationId;
  const gone = before.items.filter((item) => !after.items.some((other) => same(item, other)));
  const come = after.items.filter((item) => !before.items.some((other) => same(item, other)));
  const instead = gone.flatMap((item) => {
    const to = come.find(({ slot }) => slot === item.slot);
    return to ? [{ item, to }] : [];
  });
  const kept = before.items.flatMap((item) => {
    const to = after.items.find((other) => same(item, other));
    return to ? [{ item, to }] : [];
  });
  const order = (content: Content<Changed>) =>
    content.items.filter((item) => kept.some((pair) => same(pair.item, item))).map(({ variationId }) => variationId);
  const turns = new Set(after.items.map((item) => partners(after, item)).filter((names) => names !== ''));
  return [
    ...gone
      .filter((item) => !instead.some((pair) => pair.item === item))
      .map(({ variationId }): SheetChange => ({ kind: 'out', variationId })),
    ...instead.map(({ item, to }): SheetChange => ({ kind: 'instead', from: item.variationId, to: to.variationId })),
    ...come
      .filter((item) => !instead.some((pair) => pair.to === item))
      .map((item): SheetChange => ({ kind: 'in', variationId: item.variationId, role: roleOf(after, item) })),
    ...kept.flatMap(({ item, to }): SheetChange[] => [
      ...(isSameDose(asShown(before, item), asShown(after, to))
        ? []
        : [{ kind: 'dose' as const, variationId: to.variationId, fromItem: item, toItem: to }]),
      ...(isSameSettings(item, to) ? [] : [{ kind: 'settings' as const, variationId: to.variationId }]),
      ...(roleOf(before, item) === roleOf(after, to)
        ? []
        : [{ kind: 'role' as const, variationId: to.variationId, from: roleOf(before, item), to: roleOf(after, to) }]),
      ...(partners(before, item) !== '' && partners(after, to) === ''
        ? [{ kind: 'apart' as const, variationId: to.variationId }]
        : []),
    ]),
    ...[...turns]
      .filter((names) => !before.items.some((item) => partners(before, item) === names))
      .map((names): SheetChange => ({ kind: 'together', variationIds: names.split(' ') })),
    ...(order(before).join() === order(after).join() ? [] : [{ kind: 'order' as const }]),
  ];
};
