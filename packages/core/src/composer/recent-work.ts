import type { Variation } from '../catalogue';
import { isHardKind } from '../log';
import type { SetRecord } from '../log';
import { EMPHASES, MAIN_FAMILIES } from '../vocabulary';
import type { Family } from '../vocabulary';
import type { RecentWork } from './types';

/** One exercise of an earlier day, with the sets that were logged. */
export interface DoneExercise {
  day: number;
  variation: Variation;
  sets: readonly SetRecord[];
}

/** A set is hard with so many in reserve at most; one nobody asked about counts. Common practice. */
const HARD_RESERVE = 4;

const isHard = ({ kind, reserve }: SetRecord): boolean => isHardKind(kind) && (reserve === null || reserve <= HARD_RESERVE);

/** What earlier days amount to for the week's targets and the days kept apart: one entry a day, oldest first. */
export const recentWork = (done: readonly DoneExercise[]): RecentWork[] => {
  const days = [...new Set(done.map(({ day }) => day))].sort((a, b) => a - b);
  return days.map((day): RecentWork => {
    const hardSetsByMuscle: RecentWork['hardSetsByMuscle'] = {};
    const heavy = new Set<Family>();
    for (const { variation, sets } of done.filter((exercise) => exercise.day === day)) {
      const hard = sets.filter(isHard);
      // Both sides of one-sided work share a set.
      const count = new Set(hard.map(({ setIndex }) => setIndex)).size;
      for (const muscle of EMPHASES) {
        const share = variation.emphasis[muscle] ?? 0;
        if (share > 0 && count > 0) hardSetsByMuscle[muscle] = (hardSetsByMuscle[muscle] ?? 0) + share * count;
      }
      const isLoaded = hard.some(({ externalKg }) => externalKg > 0);
      if (isLoaded && (MAIN_FAMILIES as readonly string[]).includes(variation.family)) heavy.add(variation.family);
    }
    return { day, hardSetsByMuscle, heavyFamilies: [...heavy] };
  });
};
