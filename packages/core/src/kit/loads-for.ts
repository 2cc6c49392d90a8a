import { toKg } from '../units';
import { MASS_UNITS } from '../vocabulary';
import type { KitItem, LoadPosition, PieceType } from '../vocabulary';
import { externalKgOf, isSameMass } from './mass-of';
import { barUse, sidesOf } from './plates';
import type { Kit, KitPiece, Load } from './types';

/**
 * What a position takes: so many of one size, of these types, the preferred type first; where there is none of them, of what else
 * will do. Bars bring their plates.
 */
interface Use {
  count: 1 | 2;
  types: readonly PieceType[];
  else?: readonly PieceType[];
}

const ONE_BELL: Use = { count: 1, types: ['kettlebell', 'dumbbell', 'home-weight'] };
const ONE_DUMBBELL: Use = { count: 1, types: ['dumbbell', 'kettlebell', 'home-weight'] };
/** A plate is held by its rim where there is nothing better to hold. */
const HELD_FLAT = { else: ['plate'] } as const satisfies Partial<Use>;
const BAR: Use = { count: 1, types: ['bar'] };
const USES: Record<LoadPosition, readonly Use[]> = {
  none: [],
  // The end of a bar on its pivot is held at the chest too, by what names the bar.
  goblet: [{ ...ONE_BELL, ...HELD_FLAT }, BAR],
  sides: [{ count: 2, types: ['dumbbell', 'kettlebell', 'home-weight'] }],
  hips: [{ count: 1, types: ['dumbbell', 'home-weight'], else: ['kettlebell', 'plate'] }, BAR],
  counterweight: [{ ...ONE_DUMBBELL, ...HELD_FLAT }],
  belly: [{ ...ONE_BELL, ...HELD_FLAT }],
  'between-feet': [ONE_BELL],
  suitcase: [{ ...ONE_DUMBBELL, ...HELD_FLAT }],
  rack: [{ count: 2, types: ['kettlebell', 'dumbbell'] }],
  'rack-one': [ONE_BELL],
  belt: [{ count: 1, types: ['kettlebell', 'dumbbell', 'plate', 'home-weight'] }],
  overhead: [ONE_BELL],
  zercher: [BAR],
  'front-bar': [BAR],
  'back-bar': [BAR],
  'bar-in-hands': [BAR],
  'trap-bar': [{ count: 1, types: ['trap-bar'] }],
  machine: [],
};

/** The unloaded option of a position: nothing in the hands. */
export const UNLOADED: Load = { position: 'none', implements: [], externalKg: 0 };

const asLoad = (position: LoadPosition, piece: KitPiece, count: number): Load => ({
  position,
  implements: [{ pieceId: piece.id, type: piece.type, value: piece.value, unit: piece.unit, count }],
  externalKg: count * toKg(piece.value, piece.unit),
});

/** A bar of the kit with every set of plates it can carry; kilogram and pound plates are never mixed. */
const barLoads = (kit: Kit, position: LoadPosition, bar: KitPiece): Load[] =>
  MASS_UNITS.flatMap((unit) =>
    [...sidesOf(kit, unit).values()].map((side): Load => {
      const pieces = barUse(bar, side);
      return { position, implements: pieces, externalKg: externalKgOf(pieces) };
    }),
  );

/** The types a kit has for a use: the usual ones, else what will do. */
const typesIn = (kit: Kit, { count, types, else: others = [] }: Use): readonly PieceType[] =>
  kit.pieces.some(({ type, owned }) => types.includes(type) && owned >= count) ? types : others;

const loadsOfUse = (kit: Kit, position: LoadPosition, use: Use): Load[] =>
  typesIn(kit, use).flatMap((type) =>
    kit.pieces
      .filter((piece) => piece.type === type && piece.owned >= use.count)
      .flatMap((piece) =>
        type === 'bar' || type === 'trap-bar' ? barLoads(kit, position, piece) : [asLoad(position, piece, use.count)],
      ),
  );

const machineLoads = (kit: Kit, items: readonly KitItem[]): Load[] =>
  kit.machines
    .filter(({ item }) => items.includes(item))
    .flatMap((machine) =>
      machine.steps.map(({ kg }): Load => {
        const value = machine.startKg + kg;
        return {
          position: 'machine',
          implements: value > 0 ? [{ pieceId: machine.id, type: 'machine', value, unit: 'kg', count: 1 }] : [],
          externalKg: value,
        };
      }),
    );

const usesOf = (position: LoadPosition, needs: readonly KitItem[]): Use[] =>
  USES[position].filter((use) => USES[position].length === 1 || use.types.includes('bar') === needs.includes('barbell'));

/** Whether the kit makes any load at all for a position, without working out which. */
export const canLoad = (kit: Kit, position: LoadPosition, { unloadedToo, needs = [] }: LoadsWanted): boolean =>
  unloadedToo ||
  position === 'none' ||
  (position === 'machine'
    ? kit.machines.some(({ item }) => needs.includes(item))
    : usesOf(position, needs).some((use) => {
        const types = typesIn(kit, use);
        return kit.pieces.some((piece) => types.includes(piece.type) && piece.owned >= use.count);
      }));

/** What the list is asked for: whether nothing in the hands is an option, and what kit the movement names. */
export interface LoadsWanted {
  unloadedToo: boolean;
  /** A movement that names the bar takes only bars, any other no bar where both would do; machines are found by it. */
  needs?: readonly KitItem[];
}

const made = new WeakMap<Kit, Map<string, readonly Load[]>>();

/**
 * Every load the kit can make for one position, lightest first, each mass once.
 * `position: 'none'` gives only the unloaded option; with `unloadedToo` it leads the list of the others.
 * A pair needs two of a size; plates are counted per side. Where two ways make the same mass the position's usual type
 * is taken, then the fewer plates. The same kit is asked thousands of times for one sheet: its answers are kept with it.
 * @example loadsFor(kit, 'sides', { unloadedToo: true })[0].externalKg // 0
 */
export const loadsFor = (kit: Kit, position: LoadPosition, wanted: LoadsWanted): readonly Load[] => {
  const known = made.get(kit) ?? new Map<string, readonly Load[]>();
  made.set(kit, known);
  const key = [position, wanted.unloadedToo, ...(wanted.needs ?? [])].join();
  const loads = known.get(key) ?? makeLoads(kit, position, wanted);
  known.set(key, loads);
  return loads;
};

const makeLoads = (kit: Kit, position: LoadPosition, { unloadedToo, needs = [] }: LoadsWanted): Load[] => {
  const uses = usesOf(position, needs);
  const found = position === 'machine' ? machineLoads(kit, needs) : uses.flatMap((use) => loadsOfUse(kit, position, use));
  const unloaded = unloadedToo || position === 'none' ? [UNLOADED] : [];
  // A stable sort keeps the preferred way of two equal masses in front, so that it is the one that stays.
  const sorted = [...unloaded, ...found].sort((a, b) =>
    isSameMass(a.externalKg, b.externalKg) ? a.implements.length - b.implements.length : a.externalKg - b.externalKg,
  );
  return sorted.filter((load, at) => at === 0 || !isSameMass(load.externalKg, sorted[at - 1]?.externalKg ?? -1));
};
