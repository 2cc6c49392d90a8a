import { setUpSteps } from '@drubo/core/knowledge';
import type { SetUpStep } from '@drubo/core/knowledge';
import type { Exercise } from './floor';

/** How this exercise is set up with the load it has today; without one, only what else it stands on. */
export const setUpOf = ({ variation, item: { dose } }: Pick<Exercise, 'variation' | 'item'>): SetUpStep[] =>
  setUpSteps(variation, dose.load.externalKg === 0 ? 'none' : dose.load.position);
