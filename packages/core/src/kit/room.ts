import type { KitItem } from '../vocabulary';
import type { Kit } from './types';

/** Small plates serve as wedges up to this mass; they are the thin ones. House default. */
const SMALL_PLATE_KG = 5;

const PAIR: Partial<Record<string, KitItem>> = {
  dumbbell: 'dumbbell-pair',
  kettlebell: 'kettlebell-pair',
  // Two bottles or two tins are a pair as well.
  'home-weight': 'dumbbell-pair',
};
const OF_TYPE: Partial<Record<string, KitItem>> = {
  dumbbell: 'dumbbell',
  kettlebell: 'kettlebell',
  bar: 'barbell',
  'trap-bar': 'trap-bar',
  'home-weight': 'rucksack',
};

const HANDY = new Set(['dumbbell', 'kettlebell', 'home-weight']);

/**
 * Everything a movement may ask a room for: what its weights, machines and gear amount to, and what else stands there.
 * @example roomOf(twoDumbbells, ['sofa', 'wall']) // dumbbell, dumbbell-pair, sofa, wall
 */
export const roomOf = (kit: Kit, items: readonly KitItem[]): ReadonlySet<KitItem> => {
  const room = new Set<KitItem>(items);
  for (const { type, owned, value, unit } of kit.pieces) {
    const single = OF_TYPE[type];
    if (single && owned > 0) room.add(single);
    const pair = PAIR[type];
    if (pair && owned > 1) room.add(pair);
    if (type === 'plate' && owned > 1 && value <= SMALL_PLATE_KG * (unit === 'lb' ? 2 : 1)) room.add('small-plates');
  }
  // With nothing better to hold, a plate is held like a weight.
  const isHandy = kit.pieces.some(({ type, owned }) => HANDY.has(type) && owned > 0);
  if (!isHandy && kit.pieces.some(({ type, owned }) => type === 'plate' && owned > 0)) room.add('dumbbell');
  for (const { item } of kit.machines) room.add(item);
  for (const { item, owned } of kit.gear) {
    if (owned > 0) room.add(item);
    if (item === 'bench' && owned > 1) room.add('second-bench');
  }
  return room;
};
