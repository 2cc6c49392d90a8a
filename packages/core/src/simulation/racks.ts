const steps = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => from + i * by);

/** Racks of the simulated studio, kg, lightest first: a bar in 2.5 kg steps, dumbbells coarse above 30, bells by 4. */
export const SIMULATED_RACKS = {
  barbell: steps(20, 300, 2.5),
  dumbbell: [...steps(2.5, 30, 2.5), ...steps(35, 80, 5)],
  kettlebell: steps(4, 80, 4),
} as const;

export type RackId = keyof typeof SIMULATED_RACKS;
