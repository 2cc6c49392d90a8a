import { getVariation } from '../../catalogue';
import type { Rung } from '../../catalogue';
import { needsBar } from '../../dose';
import { accessTo } from '../../selection';
import { guessKg } from '../../strength';
import type { Goal } from '../../vocabulary';
import type { ExerciseLog } from '../types';

/** Goals for which a bar, or the heaviest there is, comes first. */
export const TO_LIFT_MORE: ReadonlySet<Goal> = new Set(['get-stronger', 'power', 'build-muscle']);

/** Of bars, the one over the hips first where more is to be lifted; in front where the front of the thigh is built. House default. */
const FIRST_BAR: Partial<Record<Goal, string>> = {
  'get-stronger': 'back-squat-to-box',
  power: 'back-squat-to-box',
  'build-muscle': 'front-squat-to-box',
};

/**
 * Ways up in the order they are recommended: what a limit only restricts last; what takes a load where one is held; a bar first where the goal is to lift more, else
 * what needs none; then the order of the ladder.
 */
export const byUse = (rungs: readonly Rung[], { context, dose }: Pick<ExerciseLog, 'context' | 'dose'>): Rung[] => {
  const { goal } = context.person;
  const isLoaded = dose.load.externalKg > 0;
  const rank = ({ variationId }: Rung): number => {
    const variation = getVariation(context.catalogue, variationId);
    const isHeld = accessTo(variation, context).state === 'restricted';
    const isMeant = needsBar(variation) === TO_LIFT_MORE.has(goal);
    // Whoever holds a load goes on with one.
    const isBare = isLoaded && guessKg(variation, context.person) <= 0;
    return (isHeld ? 100 : 0) + (isBare ? 50 : 0) + (isMeant ? 0 : 10) + (FIRST_BAR[goal] === variationId ? 0 : 1);
  };
  return [...rungs].sort((a, b) => rank(a) - rank(b));
};
