import { reason } from '../vocabulary';
import { STAGES } from './goal-table';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/**
 * How far into training with us a person is. `dayOfTraining` counts from 0 on the first session's day;
 * `daysSinceLast` null: there was no session yet.
 */
export interface Stage {
  sessionsDone: number;
  dayOfTraining: number;
  daysSinceLast: number | null;
}

/**
 * Caps a dose for the first session (fewer sets, more in reserve), the first three weeks (more in reserve) and the
 * first session after three weeks away (one set fewer, one more in reserve). Never adds work; the uncapped dose stays
 * in the track.
 */
export const applyStage = (dose: Dose, why: DoseWhy, stage: Stage): { dose: Dose; why: DoseWhy } => {
  if (stage.sessionsDone === 0) return firstSession(dose, why);
  const early = firstWeeks(dose, why, stage);
  const { fromDays } = STAGES.layOff;
  if (stage.daysSinceLast === null || stage.daysSinceLast < fromDays) return early;
  return afterLayOff(early.dose, early.why, stage.daysSinceLast);
};

const firstSession = (dose: Dose, why: DoseWhy): { dose: Dose; why: DoseWhy } => {
  const { sets, reserve } = STAGES.firstSession;
  return {
    dose: { ...dose, sets: Math.min(dose.sets, sets), reserve: Math.max(dose.reserve, reserve) },
    why: {
      ...why,
      sets:
        dose.sets > sets
          ? [...why.sets, reason('sets-first-session', { sets, usualSets: dose.sets }, 'house-default')]
          : why.sets,
      reserve:
        dose.reserve < reserve
          ? [...why.reserve, reason('reserve-first-session', { reserve, usualReserve: dose.reserve }, 'house-default')]
          : why.reserve,
    },
  };
};

const firstWeeks = (dose: Dose, why: DoseWhy, stage: Stage): { dose: Dose; why: DoseWhy } => {
  const { days, reserve } = STAGES.firstWeeks;
  if (stage.dayOfTraining >= days || dose.reserve >= reserve) return { dose, why };
  const values = { reserve, usualReserve: dose.reserve, dayOfTraining: stage.dayOfTraining };
  return {
    dose: { ...dose, reserve },
    why: { ...why, reserve: [...why.reserve, reason('reserve-first-weeks', values, 'house-default')] },
  };
};

const afterLayOff = (dose: Dose, why: DoseWhy, days: number): { dose: Dose; why: DoseWhy } => {
  const sets = Math.max(1, dose.sets - STAGES.layOff.setsOff);
  const reserve = Math.min(10, dose.reserve + STAGES.layOff.moreReserve);
  const first = reason('lay-off-first', { days, sets, reserve }, 'house-default');
  return { dose: { ...dose, sets, reserve }, why: { ...why, sets: [...why.sets, first], reserve: [...why.reserve, first] } };
};
