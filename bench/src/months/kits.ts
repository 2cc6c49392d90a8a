import { defaultKit, startKit } from '@drubo/core/kit';
import type { KitPiece, PlaceKit } from '@drubo/core/kit';
import type { KitItem } from '@drubo/core/vocabulary';

const piece = (type: KitPiece['type'], value: number, owned: number): KitPiece => ({
  id: `${type}-${value}`,
  type,
  value,
  unit: 'kg',
  owned,
});
const range = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.floor((to - from) / by) + 1 }, (_, at) => from + at * by);

const home = (pieces: readonly KitPiece[], more: readonly KitItem[] = []): PlaceKit => {
  const kit = startKit('home', 'kg');
  return { ...kit, pieces, items: [...kit.items, ...more] };
};
const machine = (item: KitItem, stepsKg: readonly number[], startKg = 0) => ({
  id: item,
  item,
  name: item,
  steps: stepsKg.map((kg) => ({ label: String(kg), kg })),
  startKg,
  assists: false,
});

const STUDIO = startKit('studio', 'kg');

/** Places of the simulated people. All invented. */
export const KITS = {
  studio: STUDIO,
  /** A studio with machines and a trap bar beside the racks. */
  gym: {
    ...STUDIO,
    pieces: [...defaultKit('kg').pieces, piece('trap-bar', 25, 1), ...range(36, 48, 4).map((kg) => piece('kettlebell', kg, 1))],
    machines: [
      machine('leg-press', range(0, 200, 10), 40),
      machine('leg-curl', range(5, 80, 5)),
      machine('leg-extension', range(5, 100, 5)),
    ],
  },
  /** One bell and the furniture. */
  oneBell: home([piece('kettlebell', 16, 1)]),
  twoDumbbells: home([piece('dumbbell', 8, 2), piece('dumbbell', 12, 2)], ['bench']),
  dumbbellsToTwenty: home(
    range(4, 20, 2).map((kg) => piece('dumbbell', kg, 2)),
    ['bench', 'box', 'small-plates'],
  ),
  bells: home(
    [8, 12, 16, 20, 24, 32].map((kg) => piece('kettlebell', kg, kg <= 24 ? 2 : 1)),
    ['box'],
  ),
  nothing: home([]),
  garage: {
    ...STUDIO,
    place: 'home',
    pieces: defaultKit('kg').pieces.filter(({ type }) => type === 'bar' || type === 'plate'),
  },
  hotel: { ...startKit('hotel', 'kg'), pieces: [piece('dumbbell', 10, 2)] },
} as const satisfies Record<string, PlaceKit>;
