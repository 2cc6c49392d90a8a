import { toKg } from '../units';
import type { LoadPosition } from '../vocabulary';
import type { Kit, KitPiece, Load } from './types';

/** How many of one size a position takes, and of which types, the preferred type first. */
const NOTHING = { count: 0, types: [] } as const;
const ONE_BELL = { count: 1, types: ['kettlebell', 'dumbbell'] } as const;
const ONE_DUMBBELL = { count: 1, types: ['dumbbell', 'kettlebell'] } as const;
const USES: Record<LoadPosition, { count: 0 | 1 | 2; types: readonly KitPiece['type'][] }> = {
  none: NOTHING,
  goblet: ONE_BELL,
  sides: { count: 2, types: ['dumbbell', 'kettlebell'] },
  hips: { count: 1, types: ['dumbbell'] },
  counterweight: ONE_DUMBBELL,
  belly: ONE_BELL,
  'between-feet': ONE_BELL,
  suitcase: ONE_DUMBBELL,
  rack: { count: 2, types: ['kettlebell', 'dumbbell'] },
  belt: ONE_BELL,
  overhead: ONE_BELL,
  // Bars and machines are loaded by plates and pins, which the kit does not hold yet.
  zercher: NOTHING,
  'front-bar': NOTHING,
  'back-bar': NOTHING,
  'bar-in-hands': NOTHING,
  'trap-bar': NOTHING,
  machine: NOTHING,
};

/** The unloaded option of a position: nothing in the hands. */
export const UNLOADED: Load = { position: 'none', implements: [], externalKg: 0 };

const asLoad = (position: LoadPosition, piece: KitPiece, count: number): Load => ({
  position,
  implements: [{ pieceId: piece.id, type: piece.type, value: piece.value, unit: piece.unit, count }],
  externalKg: count * toKg(piece.value, piece.unit),
});

/**
 * Every load the kit can make for one position, lightest first, each mass once.
 * `position: 'none'` gives only the unloaded option; with `unloadedToo` it leads the list of the others.
 * A pair needs two of a size. Where two types make the same mass the position's usual type is taken.
 * @example loadsFor(kit, 'sides', { unloadedToo: true })[0].externalKg // 0
 */
export const loadsFor = (kit: Kit, position: LoadPosition, options: { unloadedToo: boolean }): Load[] => {
  const { count, types } = USES[position];
  const made = types.flatMap((type) =>
    kit.pieces.filter((piece) => piece.type === type && piece.owned >= count).map((piece) => asLoad(position, piece, count)),
  );
  const unloaded = options.unloadedToo || position === 'none' ? [UNLOADED] : [];
  return [...unloaded, ...made]
    .filter((load, at, all) => all.findIndex((other) => isSameMass(other, load)) === at)
    .sort((a, b) => a.externalKg - b.externalKg);
};

/** Masses closer than a gram are one load. */
const isSameMass = (a: Load, b: Load): boolean => Math.abs(a.externalKg - b.externalKg) < 0.001;
