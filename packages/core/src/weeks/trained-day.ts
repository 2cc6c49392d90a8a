import { NEEDS, recentWork } from '../composer';
import type { Need } from '../composer';
import type { Variation } from '../catalogue';
import type { SetRecord } from '../log';
import { MAIN_FAMILIES } from '../vocabulary';
import type { DayRole, Role } from '../vocabulary';
import type { PlanTrained } from './types';

/** One exercise of a session, as a plan looks back on it. */
export interface PlanExercise {
  slot: string;
  variation: Variation;
  /** Its block's; null: it stands in none. */
  role: Role | null;
  movedUp: boolean;
  /** Whether the trainer or the person put it there by name. */
  isWanted: boolean;
  sets: readonly SetRecord[];
}

/** What a session on a day of a plan was to it. `on`: whole days. */
export const trainedDay = (
  { dayId, role }: { dayId: string; role: DayRole },
  on: number,
  exercises: readonly PlanExercise[],
): PlanTrained => {
  const done = exercises.filter(({ sets }) => sets.length > 0);
  const [work] = recentWork(done.map(({ variation, sets }) => ({ day: on, variation, sets })));
  const setsOf = (need: Need): number => (need === 'knee-bend' ? work?.kneeBendSets : work?.hardSetsByMuscle[need]) ?? 0;
  const sets = Object.fromEntries(NEEDS.map((need) => [need, setsOf(need)]));
  const families = done.filter((one) => one.role === 'main' || one.role === 'accessory').map(({ variation }) => variation.family);
  return {
    dayId,
    role,
    on,
    sets,
    families: MAIN_FAMILIES.filter((family) => families.includes(family)),
    exercises: done.flatMap(({ slot, variation, role: of, movedUp, isWanted }) =>
      of === 'main' || of === 'accessory' ? [{ slot, role: of, variationId: variation.id, movedUp, isWanted }] : [],
    ),
  };
};
