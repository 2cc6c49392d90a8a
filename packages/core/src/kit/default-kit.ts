import type { MassUnit } from '../vocabulary';
import type { Kit, KitGear, KitPiece } from './types';

const range = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.floor((to - from) / by) + 1 }, (_, i) => from + i * by);

const piece = (type: KitPiece['type'], value: number, unit: MassUnit, owned: number): KitPiece => ({
  id: `${type}-${value}${unit}`,
  type,
  value,
  unit,
  owned,
});

const box = (heightCm: number): KitGear => ({ id: `box-${heightCm}`, item: 'box', heightCm, owned: 1 });

/** Bars and plates as they are usually bought: IWF sizes in kilograms with gym fractions, or the usual pound sizes. */
const BARS = {
  kg: {
    bars: [20, 15],
    plates: [
      [20, 8],
      [15, 4],
      [10, 4],
      [5, 4],
      [2.5, 4],
      [1.25, 4],
    ],
  },
  lb: {
    bars: [45, 35],
    plates: [
      [45, 8],
      [35, 4],
      [25, 4],
      [10, 4],
      [5, 4],
      [2.5, 4],
    ],
  },
} as const;

/**
 * The kit a new studio starts with: pairs of dumbbells, single kettlebells, two bars and their plates.
 * Kettlebells step by 4 kg (common practice, no source); dumbbells by 2 kg to 30 kg, or by 5 lb to 70 lb.
 * @example defaultKit('kg').pieces.filter(({ type }) => type === 'bar').length // 2
 */
export const defaultKit = (unit: MassUnit): Kit => ({
  pieces: [
    ...(unit === 'kg' ? range(2, 30, 2) : range(5, 70, 5)).map((value) => piece('dumbbell', value, unit, 2)),
    ...range(4, 32, 4).map((value) => piece('kettlebell', value, 'kg', 1)),
    ...BARS[unit].bars.map((value) => piece('bar', value, unit, 1)),
    ...BARS[unit].plates.map(([value, owned]) => piece('plate', value, unit, owned)),
  ],
  machines: [],
  gear: [box(30), box(45), box(60), { id: 'bench-45', item: 'bench', heightCm: 45, owned: 2 }],
});
