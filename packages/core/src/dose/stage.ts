import { reason } from '../vocabulary';
import { STAGES } from './goal-table';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** How far into training with us a person is. `dayOfTraining` counts from 0 on the first session's day. */
export interface Stage {
  sessionsDone: number;
  dayOfTraining: number;
}

/**
 * Caps a dose for the first session (fewer sets, more in reserve) and the first three weeks (more in reserve).
 * Never adds work; the uncapped dose stays in the track.
 */
export const applyStage = (dose: Dose, why: DoseWhy, stage: Stage): { dose: Dose; why: DoseWhy } => {
  if (stage.sessionsDone === 0) {
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
  }
  const { days, reserve } = STAGES.firstWeeks;
  if (stage.dayOfTraining >= days || dose.reserve >= reserve) return { dose, why };
  const values = { reserve, usualReserve: dose.reserve, dayOfTraining: stage.dayOfTraining };
  return {
    dose: { ...dose, reserve },
    why: { ...why, reserve: [...why.reserve, reason('reserve-first-weeks', values, 'house-default')] },
  };
};
