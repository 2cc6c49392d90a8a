import { toKg } from '../units';
import { externalKgOf } from './mass-of';
import { changesBetween, platesPerSide } from './plates';
import type { Side } from './plates';
import type { ImplementUse, Kit, KitPiece, Load } from './types';

/** How to load a bar: which bar, the plates of one side from the collar out, and what changes from what is on it. */
export interface BarSetup {
  bar: ImplementUse;
  side: readonly { value: number; unit: ImplementUse['unit'] }[];
  /** Plates a side to take off and put on; null when nothing is on it yet. */
  changes: { off: number; on: number } | null;
}

const isBar = ({ type }: Pick<ImplementUse, 'type'>): boolean => type === 'bar' || type === 'trap-bar';

/** The bar of a load, or undefined when it isn't one. */
export const barOf = (load: Pick<Load, 'implements'>): ImplementUse | undefined => load.implements.find(isBar);

/** One side's plates as a load names them, heaviest first. */
const sideOf = (kit: Kit, load: Pick<Load, 'implements'>): Side =>
  load.implements
    .filter(({ type }) => type === 'plate')
    .flatMap((use): KitPiece[] => {
      const piece = kit.pieces.find(({ id }) => id === use.pieceId) ?? {
        ...use,
        id: use.pieceId,
        type: 'plate',
        owned: use.count,
      };
      return new Array<KitPiece>(use.count / 2).fill(piece);
    });

/**
 * Plates for a bar load, with the fewest changes from the load before it on the same bar. Null for a load without a bar.
 * @example barSetup(kit, load, before).side // [{ value: 20, unit: 'kg' }, { value: 5, unit: 'kg' }]
 */
export const barSetup = (kit: Kit, load: Pick<Load, 'implements'>, before: Pick<Load, 'implements'> | null): BarSetup | null => {
  const bar = barOf(load);
  if (!bar) return null;
  const earlier = before && barOf(before);
  const onBar = before && earlier?.pieceId === bar.pieceId ? setupSide(kit, before) : null;
  const side = setupSide(kit, load, onBar ?? []);
  return {
    bar,
    side: side.map(({ value, unit }) => ({ value, unit })),
    changes: onBar ? changesBetween(onBar, side) : null,
  };
};

const setupSide = (kit: Kit, load: Pick<Load, 'implements'>, onBar: Side = []): Side => {
  const named = sideOf(kit, load);
  const unit = named[0]?.unit;
  if (!unit) return [];
  const perSideKg = named.reduce((sum, { value, unit: printed }) => sum + toKg(value, printed), 0);
  return platesPerSide(kit, unit, perSideKg, onBar) ?? named;
};

/** What one side of a bar load weighs, kg. */
export const perSideKg = (load: Pick<Load, 'implements'>): number =>
  externalKgOf(load.implements.filter(({ type }) => type === 'plate')) / 2;
