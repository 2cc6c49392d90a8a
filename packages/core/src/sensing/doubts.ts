import type { RepDoubt, SensedRep } from './types';

/** What a repetition can be. House defaults: wider than anybody trains, narrower than a loose cable. */
export const REP_BOUNDS = { most: 200, phaseSeconds: 20, leastSeconds: 0.3, speedMps: { least: 0.02, most: 3 } } as const;

/**
 * What can't be right about a sensed repetition. Such a rep is counted in no sum.
 * @example doubtsOfRep({ index: 1, loweringSeconds: -2, ... }) // ['phases']
 */
export const doubtsOfRep = ({ index, meanSpeedMps, ...phases }: SensedRep): RepDoubt[] => {
  const seconds = [phases.loweringSeconds, phases.bottomSeconds, phases.liftingSeconds, phases.topSeconds];
  const isPhase = (value: number): boolean => Number.isFinite(value) && value >= 0 && value <= REP_BOUNDS.phaseSeconds;
  const moving = phases.loweringSeconds + phases.liftingSeconds;
  const { least, most } = REP_BOUNDS.speedMps;
  return [
    ...(Number.isInteger(index) && index >= 1 && index <= REP_BOUNDS.most ? [] : (['index'] as const)),
    ...(seconds.every(isPhase) && moving >= REP_BOUNDS.leastSeconds ? [] : (['phases'] as const)),
    ...(meanSpeedMps >= least && meanSpeedMps <= most ? [] : (['speed'] as const)),
  ];
};

/** The reps of a set that can be believed, each index once, in order; and how many were not. */
export const believable = (reps: readonly SensedRep[]): { reps: SensedRep[]; doubted: number } => {
  const byIndex = new Map<number, SensedRep>();
  let doubted = 0;
  for (const rep of reps) {
    if (doubtsOfRep(rep).length > 0) doubted += 1;
    // A repeat of the same index is the same rep told twice.
    else byIndex.set(rep.index, rep);
  }
  return { reps: [...byIndex.values()].sort((a, b) => a.index - b.index), doubted };
};
