import type { MassUnit } from '../vocabulary';
import type { Kit, KitPiece } from './types';

const range = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.floor((to - from) / by) + 1 }, (_, i) => from + i * by);

const piece = (type: KitPiece['type'], value: number, unit: MassUnit, owned: number): KitPiece => ({
  id: `${type}-${value}${unit}`,
  type,
  value,
  unit,
  owned,
});

/**
 * The kit a new studio starts with: pairs of dumbbells and single kettlebells.
 * Kettlebells step by 4 kg (common practice, no source); dumbbells by 2 kg to 30 kg, or by 5 lb to 70 lb.
 * @example defaultKit('kg').pieces.length // 15 dumbbell sizes + 8 kettlebell sizes
 */
export const defaultKit = (unit: MassUnit): Kit => ({
  pieces: [
    ...(unit === 'kg' ? range(2, 30, 2) : range(5, 70, 5)).map((value) => piece('dumbbell', value, unit, 2)),
    ...range(4, 32, 4).map((value) => piece('kettlebell', value, 'kg', 1)),
  ],
});
