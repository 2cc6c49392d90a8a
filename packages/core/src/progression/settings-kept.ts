import type { Variation } from '../catalogue';
import { keepTo, restrictionsIn } from '../limits';
import { accessTo } from '../selection';
import type { LeverValues } from '../vocabulary';
import type { JudgeContext } from './types';

/** Settings a person's limits ask for in a movement: they are never taken back while the limit stands. */
export const settingsKept = (variation: Variation, context: JudgeContext): LeverValues =>
  keepTo(variation, restrictionsIn(accessTo(variation, context).reasons)).values;
