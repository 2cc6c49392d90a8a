import { bridgeFeltElsewhere } from './rules/bridge-felt-elsewhere';
import { bridgeHipDrops } from './rules/bridge-hip-drops';
import { bridgeNoExtension } from './rules/bridge-no-extension';
import { hingeBackRounds } from './rules/hinge-back-rounds';
import { hingeIsASquat } from './rules/hinge-is-a-squat';
import { hingeRangeShort } from './rules/hinge-range-short';
import { kneeToWallDiffers } from './rules/knee-to-wall-differs';
import { notSeen } from './rules/not-seen';
import { oneLegUnsteady } from './rules/one-leg-unsteady';
import { oneSideOnly } from './rules/one-side-only';
import { painSeen } from './rules/pain-seen';
import { seenClean } from './rules/seen-clean';
import { shortKneeToWall } from './rules/short-knee-to-wall';
import { splitKneeCaves } from './rules/split-knee-caves';
import { splitRangeShort } from './rules/split-range-short';
import { splitWobbles } from './rules/split-wobbles';
import { squatBackArches } from './rules/squat-back-arches';
import { squatBackRounds } from './rules/squat-back-rounds';
import { squatChestFalls } from './rules/squat-chest-falls';
import { squatHeelsAndChest } from './rules/squat-heels-and-chest';
import { squatHeelsLift } from './rules/squat-heels-lift';
import { squatHipsShift } from './rules/squat-hips-shift';
import { squatKneesCave } from './rules/squat-knees-cave';
import { squatRangeShort } from './rules/squat-range-short';
import type { ScreeningRule } from './types';

/** Every rule, in the order findings are shown: pain first, then what decides the start, then what is only noted. */
export const SCREENING_RULES: readonly ScreeningRule[] = [
  painSeen,
  squatHeelsAndChest,
  squatHeelsLift,
  squatChestFalls,
  squatBackRounds,
  squatRangeShort,
  squatKneesCave,
  hingeBackRounds,
  hingeIsASquat,
  hingeRangeShort,
  splitKneeCaves,
  splitWobbles,
  splitRangeShort,
  bridgeNoExtension,
  bridgeFeltElsewhere,
  bridgeHipDrops,
  oneLegUnsteady,
  shortKneeToWall,
  kneeToWallDiffers,
  oneSideOnly,
  squatBackArches,
  squatHipsShift,
  notSeen,
  seenClean,
];
