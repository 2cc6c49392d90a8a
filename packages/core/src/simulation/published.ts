/**
 * Repetitions to failure in the back squat by share of the bar's maximum: trained and untrained at 60, 80 and 90 %
 * (Shimano et al. 2006), from memory; the ends and the stretches between are drawn straight.
 */
const PUBLISHED_REPS = {
  trained: [
    [0.3, 95],
    [0.5, 46],
    [0.6, 29.9],
    [0.8, 12.3],
    [0.9, 5.8],
    [1, 1],
  ],
  untrained: [
    [0.3, 105],
    [0.5, 53],
    [0.6, 35.9],
    [0.8, 11.6],
    [0.9, 6.5],
    [1, 1],
  ],
} as const satisfies Record<string, readonly (readonly [number, number])[]>;

/** Beyond the maximum reps are gone within a few percent. */
const BEYOND = 40;

/** Reps at a share of the maximum, by straight lines between the points. */
export const publishedReps = (who: keyof typeof PUBLISHED_REPS, share: number): number => {
  const points: readonly (readonly [number, number])[] = PUBLISHED_REPS[who];
  const at = points.findIndex(([to]) => share <= to);
  if (at === 0) return points[0]?.[1] ?? 0;
  const [from, to] = [points[at - 1], points[at]];
  if (!from || !to) return 1 - (share - 1) * BEYOND;
  return from[1] + ((share - from[0]) / (to[0] - from[0])) * (to[1] - from[1]);
};

/** The share of the maximum at which so many reps can be done: the same lines, read the other way. */
export const publishedShare = (who: keyof typeof PUBLISHED_REPS, reps: number): number => {
  const points: readonly (readonly [number, number])[] = PUBLISHED_REPS[who];
  const at = points.findIndex(([, least]) => reps >= least);
  if (at === 0) return points[0]?.[0] ?? 0;
  const [from, to] = [points[at - 1], points[at]];
  if (!from || !to) return 1 + (1 - reps) / BEYOND;
  return from[0] + ((reps - from[1]) / (to[1] - from[1])) * (to[0] - from[0]);
};
