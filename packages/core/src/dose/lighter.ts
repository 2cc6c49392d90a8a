import { snapDown } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** A lighter session: sets down by two fifths, the load by a tenth where the kit has it, four in reserve. Common practice: sets −40–50 %. */
const LIGHTER = { setsShare: 0.6, loadShare: 0.9, leastLoadShare: 0.85, reserve: 4 } as const;

/** A dose for a lighter day. Never adds work. `loads`: what the kit makes for it. */
export const lighterDose = (dose: Dose, why: DoseWhy, loads: readonly Load[]): { dose: Dose; why: DoseWhy } => {
  const sets = Math.max(1, Math.round(dose.sets * LIGHTER.setsShare));
  const reserve = Math.max(dose.reserve, LIGHTER.reserve);
  const usualKg = dose.load.externalKg;
  const isRoom = reserve > dose.reserve && usualKg > 0;
  const lighter = isRoom ? snapDown(loads, LIGHTER.loadShare * usualKg) : null;
  // A rack of big steps leaves it as it is.
  const load = lighter && lighter.externalKg >= LIGHTER.leastLoadShare * usualKg ? lighter : dose.load;
  const told = reason('lighter-day', { sets, usualSets: dose.sets, reserve }, 'common-practice');
  const toldLoad = load === dose.load ? [] : [reason('lighter-load', { loadKg: load.externalKg, usualKg }, 'common-practice')];
  return {
    dose: { ...dose, sets, reserve, load },
    why: { ...why, sets: [...why.sets, told], load: [...why.load, ...toldLoad], reserve: [...why.reserve, told] },
  };
};
