import type { FaultId, LoadPosition } from '../vocabulary';
import type { Variation } from './types';

const HINGES_STANDING = ({ family, holdsAt }: Variation): boolean => family === 'hinge' && holdsAt.top === 'standing tall';
const holds = (variation: Variation, ...positions: LoadPosition[]): boolean =>
  variation.loadPositions[0] !== undefined && positions.includes(variation.loadPositions[0]);
const isPull = (variation: Variation): boolean => variation.startsAt === 'bottom' && holds(variation, 'bar-in-hands', 'trap-bar');
const isOnBack = ({ traits, holdsAt }: Variation): boolean => traits.includes('flat-on-back') || holdsAt.bottom === 'hips low';
const hasBothFeetDown = ({ family, stance }: Variation): boolean => family === 'lunge' && stance !== 'two-leg';
const isToABox = ({ levers }: Variation): boolean =>
  levers.some(({ lever, steps, usual }) => lever === 'box-height' && steps[usual] !== null);

/** What is seen wherever a movement is of a kind, whatever else is its own. Common practice, no source. */
const SHARED: readonly (readonly [FaultId, (variation: Variation) => boolean])[] = [
  ['low-back-over-arches', ({ family }) => family === 'squat' || family === 'hinge' || family === 'bridge'],
  ['head-tips-back', (variation) => variation.family === 'bridge' && isOnBack(variation)],
  ['low-back-takes-over', HINGES_STANDING],
  ['leans-back-at-lock-out', HINGES_STANDING],
  ['upper-back-rounds', (variation) => HINGES_STANDING(variation) && !variation.unloadedAllowed],
  ['slack-left-in', isPull],
  [
    'hips-shoot-up',
    (variation) => isPull(variation) || (variation.family === 'squat' && holds(variation, 'front-bar', 'back-bar')),
  ],
  ['weight-rolls', ({ family, stance, bodyMassShare }) => family === 'squat' && stance === 'two-leg' && bodyMassShare > 0.5],
  ['elbows-drop', (variation) => holds(variation, 'front-bar', 'rack')],
  ['elbows-flare-back', (variation) => holds(variation, 'back-bar')],
  ['pushes-from-the-back-leg', hasBothFeetDown],
  ['collapses-on-the-box', isToABox],
];

/** A movement with its own faults first, then those that every movement of its kind has. */
export const withSharedFaults = (variation: Variation): Variation => {
  const shared = SHARED.flatMap(([fault, has]) => (has(variation) && !variation.faults.includes(fault) ? [fault] : []));
  return shared.length === 0 ? variation : { ...variation, faults: [...variation.faults, ...shared] };
};
