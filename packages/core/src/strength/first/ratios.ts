import type { BasisId } from '../../vocabulary';

/** How one lift's external load relates to another's. `sigma` is the spread between people, in log load. */
export interface LiftRatio {
  of: string;
  to: string;
  /** External load of `of` over external load of `to`. */
  ratio: number;
  sigma: number;
  basis: BasisId;
}

/** Ratios of external loads, everything held counted together. From memory, common practice; wide ones only bound a first feeler. */
export const LIFT_RATIOS = [
  { of: 'front-squat', to: 'back-squat', ratio: 0.82, sigma: 0.06, basis: 'common-practice' },
  { of: 'romanian-deadlift', to: 'back-squat', ratio: 0.85, sigma: 0.12, basis: 'common-practice' },
  { of: 'back-squat-to-box', to: 'back-squat', ratio: 1, sigma: 0.15, basis: 'common-practice' },
  { of: 'front-squat-to-box', to: 'back-squat', ratio: 0.82, sigma: 0.15, basis: 'common-practice' },
  { of: 'goblet-squat', to: 'back-squat', ratio: 0.45, sigma: 0.2, basis: 'common-practice' },
  { of: 'double-kettlebell-front-squat', to: 'back-squat', ratio: 0.55, sigma: 0.2, basis: 'common-practice' },
  { of: 'rear-foot-elevated-split-squat', to: 'back-squat', ratio: 0.45, sigma: 0.2, basis: 'common-practice' },
  { of: 'split-squat', to: 'back-squat', ratio: 0.5, sigma: 0.2, basis: 'common-practice' },
  { of: 'reverse-lunge', to: 'back-squat', ratio: 0.5, sigma: 0.2, basis: 'common-practice' },
  { of: 'barbell-hip-thrust', to: 'back-squat', ratio: 1.1, sigma: 0.2, basis: 'common-practice' },
  { of: 'barbell-glute-bridge', to: 'back-squat', ratio: 1.2, sigma: 0.2, basis: 'common-practice' },
  { of: 'deadlift', to: 'back-squat', ratio: 1.2, sigma: 0.15, basis: 'common-practice' },
  { of: 'trap-bar-deadlift', to: 'back-squat', ratio: 1.25, sigma: 0.15, basis: 'common-practice' },
  { of: 'dumbbell-romanian-deadlift', to: 'romanian-deadlift', ratio: 0.75, sigma: 0.15, basis: 'common-practice' },
] as const satisfies readonly LiftRatio[];

/** From this spread on a related lift is no more than a guess: feeler sets instead. */
export const FEELER_FROM_SIGMA = 0.15;

/** The way from one known lift to another, either direction, or through a lift both are related to. */
export const ratioBetween = (fromId: string, toId: string): { ratio: number; sigma: number } | null => {
  const straight = oneStep(fromId, toId);
  if (straight) return straight;
  for (const { to: hub } of LIFT_RATIOS) {
    const first = oneStep(fromId, hub);
    const second = oneStep(hub, toId);
    if (first && second) return { ratio: first.ratio * second.ratio, sigma: Math.hypot(first.sigma, second.sigma) };
  }
  return null;
};

/** The movements a lift has a ratio to: straight, or through the one all are related to. */
export const relativesOf = (variationId: string): readonly string[] =>
  [...new Set(LIFT_RATIOS.flatMap(({ of, to }) => [of, to]))].filter(
    (id) => id !== variationId && ratioBetween(id, variationId) !== null,
  );

const oneStep = (fromId: string, toId: string): { ratio: number; sigma: number } | null => {
  for (const { of, to, ratio, sigma } of LIFT_RATIOS) {
    if (of === toId && to === fromId) return { ratio, sigma };
    if (of === fromId && to === toId) return { ratio: 1 / ratio, sigma };
  }
  return null;
};
