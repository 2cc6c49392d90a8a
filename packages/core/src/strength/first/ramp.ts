/** One ramp set: external kg and reps. */
export interface RampSet {
  loadKg: number;
  reps: number;
}

/** The empty bar, then about 50, 70 and 85 % with falling reps. Basis: common practice, no source. */
const STEPS = [
  { share: 0.5, reps: 5 },
  { share: 0.7, reps: 3 },
  { share: 0.85, reps: 2 },
] as const;
const EMPTY_REPS = 8;
/** A step must add at least this share of the work load to be worth a set. House default. */
const WORTH_SHARE = 0.1;

/**
 * Sets that lead up to the first work set of a bar lift, snapped to what the kit makes, not above. Steps that add
 * nothing are skipped; a work set hardly heavier than the lightest load gets none.
 * @example rampSets(100, loads) // bar × 8, 50 × 5, 70 × 3, 85 × 2
 */
export const rampSets = (workKg: number, loadsKg: readonly number[]): RampSet[] => {
  const lightest = loadsKg[0];
  const worthKg = WORTH_SHARE * workKg;
  if (lightest === undefined || workKg - lightest < worthKg) return [];
  const sets: RampSet[] = [{ loadKg: lightest, reps: EMPTY_REPS }];
  for (const { share, reps } of STEPS) {
    const loadKg = loadsKg.findLast((kg) => kg <= share * workKg + 0.0005);
    const last = sets.at(-1)?.loadKg ?? 0;
    if (loadKg !== undefined && loadKg - last >= worthKg && workKg - loadKg >= worthKg) sets.push({ loadKg, reps });
  }
  return sets;
};
