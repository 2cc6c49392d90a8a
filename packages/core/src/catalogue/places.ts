import type { LoadPosition } from '../vocabulary';
import type { LeverScale, Variation } from './types';

/** One weight or two in the hands: the one a coach takes first stands first. */
const IN_HAND = ['goblet', 'suitcase', 'rack-one', 'rack'] as const satisfies readonly LoadPosition[];

/**
 * Where else the weight of a lunge, split squat, step, bridge, staggered hinge or calf raise may be held, beside its usual place. A place that another
 * movement is named for is that movement's alone: a split squat with the weight at the chest is the goblet split squat.
 * Trade knowledge, no source.
 */
const MORE_PLACES: Readonly<Record<string, readonly LoadPosition[]>> = {
  'split-squat': ['suitcase', 'front-bar', 'overhead'],
  'split-squat-to-pad': ['goblet', 'suitcase'],
  'rack-split-squat': ['rack-one'],
  'held-split-squat': ['goblet', 'suitcase'],
  'rear-foot-elevated-split-squat': [...IN_HAND, 'front-bar', 'back-bar', 'overhead'],
  'front-foot-elevated-split-squat': [...IN_HAND, 'front-bar', 'back-bar', 'overhead'],
  'half-kneeling-rise': ['suitcase', 'rack-one'],
  'reverse-lunge': [...IN_HAND, 'front-bar', 'overhead'],
  'deficit-reverse-lunge': [...IN_HAND, 'front-bar', 'back-bar', 'overhead'],
  'offset-slider-reverse-lunge': ['sides', 'goblet', 'rack-one', 'rack'],
  'forward-lunge': [...IN_HAND, 'front-bar', 'back-bar', 'overhead'],
  'walking-lunge': ['goblet', 'suitcase'],
  'step-through-lunge': [...IN_HAND],
  'curtsy-lunge': ['sides', 'suitcase', 'rack-one', 'rack'],
  'front-rack-lunge': ['rack-one'],
  'step-up': [...IN_HAND, 'front-bar', 'back-bar', 'overhead'],
  'crossover-step-up': [...IN_HAND],
  'lateral-step-up': [...IN_HAND],
  'step-down-behind': [...IN_HAND],
  'heel-tap-step-down': ['goblet', 'suitcase', 'rack-one'],
  'staggered-romanian-deadlift': ['suitcase'],
  'rear-foot-on-step-romanian-deadlift': ['suitcase'],
  'rear-foot-on-wall-romanian-deadlift': ['suitcase'],
  'calf-raise': ['suitcase', 'goblet'],
  'bent-knee-calf-raise': ['suitcase', 'goblet'],
  'frog-glute-bridge': ['hips'],
  'staggered-glute-bridge': ['hips'],
  'one-leg-glute-bridge': ['hips'],
  'one-leg-foot-raised-glute-bridge': ['hips'],
  'marching-glute-bridge': ['hips'],
  'abduction-glute-bridge': ['hips'],
  'band-glute-bridge': ['hips'],
  'feet-up-one-leg-hip-thrust': ['hips'],
  'hamstring-bridge': ['hips'],
  'one-leg-hamstring-bridge': ['hips'],
};

/** From the ground up. Higher on the body is harder for the trunk, not for the legs. */
const BY_HEIGHT: readonly LoadPosition[] = [
  'none',
  'hips',
  'sides',
  'suitcase',
  'goblet',
  'rack-one',
  'rack',
  'front-bar',
  'back-bar',
  'overhead',
];

/** The setting that says where the weight is held; none where there is only one place. */
export const placeScale = (loadPositions: readonly LoadPosition[]): LeverScale[] => {
  const steps = [...loadPositions].sort((a, b) => BY_HEIGHT.indexOf(a) - BY_HEIGHT.indexOf(b));
  const [usual] = loadPositions;
  if (usual === undefined || steps.length < 2) return [];
  return [{ lever: 'load-position', steps, unit: null, ordered: false, usual: steps.indexOf(usual) }];
};

/** Whether where its weight is held is a setting of a movement. */
export const hasPlaces = ({ levers }: Pick<Variation, 'levers'>): boolean =>
  levers.some(({ lever }) => lever === 'load-position');

/** A movement with every place its weight may be held at, and the setting for it. */
export const withPlaces = (variation: Variation): Variation => {
  const more = MORE_PLACES[variation.id];
  if (!more) return variation;
  const loadPositions = [...variation.loadPositions, ...more.filter((place) => !variation.loadPositions.includes(place))];
  return { ...variation, loadPositions, levers: [...variation.levers, ...placeScale(loadPositions)] };
};
