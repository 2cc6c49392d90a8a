import type { Variation } from '../catalogue';
import { servedBy } from '../kit';
import type { Kit } from '../kit';
import type { KitItem } from '../vocabulary';

/**
 * Things that stay where they are set up, so two exercises done in turn can't both have the only one. What is held in the
 * hand or lies about is picked up again, and shared.
 */
const STANDS: ReadonlySet<KitItem> = new Set<KitItem>([
  'barbell',
  'rack',
  'trap-bar',
  'safety-bar',
  'landmine',
  'bench',
  'second-bench',
  'box',
  'low-step',
  'cable',
  'leg-press',
  'hack-squat',
  'guided-bar',
  'leg-extension',
  'leg-curl',
  'thrust-machine',
  'back-extension-bench',
  'glute-ham-bench',
  'assisted-dip-machine',
  'sled',
  'chair',
  'sofa',
]);

/** How many of each standing thing a place has. A second bench is a bench. */
export const standingThings = (kit: Kit, room: ReadonlySet<KitItem>): ReadonlyMap<KitItem, number> => {
  const counts = new Map<KitItem, number>();
  for (const item of room) if (STANDS.has(item) && item !== 'second-bench') counts.set(item, 1);
  const bars = kit.pieces.filter(({ type }) => type === 'bar').reduce((sum, { owned }) => sum + owned, 0);
  if (bars > 0) counts.set('barbell', bars);
  const trapBars = kit.pieces.filter(({ type }) => type === 'trap-bar').reduce((sum, { owned }) => sum + owned, 0);
  if (trapBars > 0) counts.set('trap-bar', trapBars);
  for (const item of new Set(kit.gear.map((gear) => gear.item))) {
    const owned = kit.gear.filter((gear) => gear.item === item).reduce((sum, gear) => sum + gear.owned, 0);
    if (STANDS.has(item) && item !== 'second-bench' && owned > 0) counts.set(item, owned);
  }
  if (room.has('second-bench')) counts.set('bench', Math.max(2, counts.get('bench') ?? 0));
  return counts;
};

/** Each need of a movement as the standing things that would meet it; needs that something else can meet are left out. */
export const standingNeeds = (variation: Variation, room: ReadonlySet<KitItem>): KitItem[][] =>
  variation.kit.flatMap((need) => {
    const used = need.flatMap((item) => {
      const use = room.has(item) ? item : servedBy(item, room);
      return use ? [use === 'second-bench' ? ('bench' as const) : use] : [];
    });
    return used.length > 0 && used.every((item) => STANDS.has(item)) ? [[...new Set(used)]] : [];
  });

/**
 * Whether everything done in turn can stand set up at once: one thing to each need.
 * @example fitTogether([[['bench']], [['bench', 'box']]], new Map([['bench', 1], ['box', 1]])) // true: the second takes the box
 */
export const fitTogether = (
  needs: readonly (readonly (readonly KitItem[])[])[],
  things: ReadonlyMap<KitItem, number>,
): boolean => {
  const wanted = needs.flat();
  const left = new Map(things);
  const place = (at: number): boolean => {
    const options = wanted[at];
    if (!options) return true;
    return options.some((item) => {
      const count = left.get(item) ?? 0;
      if (count < 1) return false;
      left.set(item, count - 1);
      const fits = place(at + 1);
      left.set(item, count);
      return fits;
    });
  };
  return place(0);
};
