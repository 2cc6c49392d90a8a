import { defaultKit, startKit } from '@drubo/core';
import type { KitGear, KitPiece, PlaceKit } from '@drubo/core';

const heavier = (type: KitPiece['type'], values: readonly number[], owned: number): KitPiece[] =>
  values.map((value) => ({ id: `${type}-${value}kg`, type, value, unit: 'kg', owned }));

/** Loop bands off the chandler’s shelf, hung on a hanging scale once: their pull at two lengths. */
const band = (strength: 'light' | 'medium' | 'heavy', pullKg: readonly [number, number]): KitGear => ({
  id: `band-${strength}`,
  item: 'band',
  heightCm: null,
  owned: 2,
  band: { strength, points: [60, 90].map((lengthCm, at) => ({ lengthCm, pullKg: pullKg[at] ?? 0 })) },
});

/** Both racks of the lamp works: the usual sizes, and a few heavy ones left by the rowing club. */
export const LAMP_WORKS_KIT: PlaceKit = {
  ...startKit('studio', 'kg'),
  pieces: [
    ...defaultKit('kg').pieces,
    ...heavier('dumbbell', [32, 34, 36, 40, 44, 50], 2),
    ...heavier('kettlebell', [36, 40, 48], 1),
  ],
  machines: [],
  gear: [...defaultKit('kg').gear, band('light', [3, 7]), band('medium', [5, 12]), band('heavy', [9, 20])],
};

/** The pilot's front room: two dumbbells, a sofa, a stair, and a rucksack with books. */
export const CORM_HOME: PlaceKit = {
  ...startKit('home', 'kg'),
  pieces: [
    { id: 'dumbbell-6kg', type: 'dumbbell', value: 6, unit: 'kg', owned: 2 },
    { id: 'home-weight-5kg', type: 'home-weight', value: 5, unit: 'kg', owned: 1 },
  ],
  gear: [{ id: 'sofa-43', item: 'sofa', heightCm: 43, owned: 1 }],
};
