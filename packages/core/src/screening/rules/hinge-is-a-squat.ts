import { drill, forFault, lookAgain, start } from '../seen';
import type { ScreeningRule } from '../types';

/** The hinge turns into a squat, or the person falls backward: the wall teaches where the hips go. */
export const hingeIsASquat: ScreeningRule = {
  id: 'hinge-is-a-squat',
  basis: 'common-practice',
  evaluate(seen) {
    const effects = () => [start('two-leg-hinge', 'wall-tap'), drill('wall-tap-hinge'), lookAgain(3)];
    return [
      ...forFault(this, seen, ['hinge'], 'hinge-turns-into-a-squat', effects),
      ...forFault(this, seen, ['hinge'], 'falls-backward', effects),
    ];
  },
};
