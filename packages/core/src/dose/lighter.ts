import { reason } from '../vocabulary';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** A lighter session: sets down by two fifths, four in reserve, the load as it is. Common practice: sets −40–50 %. */
const LIGHTER = { setsShare: 0.6, reserve: 4 } as const;

/** A dose for a lighter day. Never adds work. */
export const lighterDose = (dose: Dose, why: DoseWhy): { dose: Dose; why: DoseWhy } => {
  const sets = Math.max(1, Math.round(dose.sets * LIGHTER.setsShare));
  const reserve = Math.max(dose.reserve, LIGHTER.reserve);
  const told = reason('lighter-day', { sets, usualSets: dose.sets, reserve }, 'common-practice');
  return { dose: { ...dose, sets, reserve }, why: { ...why, sets: [...why.sets, told], reserve: [...why.reserve, told] } };
};
