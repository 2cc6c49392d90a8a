import type { Variation } from '../catalogue';
import { isHardKind } from '../log';
import type { SetRecord } from '../log';
import { EMPHASES, MAIN_FAMILIES } from '../vocabulary';
import type { Family } from '../vocabulary';
import type { RecentWork } from './types';
import { countsFor } from './weekly-table';

/** One exercise of an earlier day, with the sets that were logged. */
export interface DoneExercise {
  day: number;
  variation: Variation;
  sets: readonly SetRecord[];
}

/** A set asks for rest with so many in reserve at most; one nobody asked about counts. Common practice. */
const HARD_RESERVE = 4;

/** A set that went round counts half. House default. */
const CIRCUIT_SET = 0.5;

const isHard = ({ kind, reserve }: SetRecord): boolean => isHardKind(kind) && (reserve === null || reserve <= HARD_RESERVE);

/** What earlier days amount to for the week's targets and the days kept apart: one entry a day, oldest first. */
export const recentWork = (done: readonly DoneExercise[]): RecentWork[] => {
  const days = [...new Set(done.map(({ day }) => day))].sort((a, b) => a - b);
  return days.map((day): RecentWork => {
    const hardSetsByMuscle: RecentWork['hardSetsByMuscle'] = {};
    let kneeBendSets = 0;
    const heavy = new Set<Family>();
    for (const { variation, sets } of done.filter((exercise) => exercise.day === day)) {
      const hard = sets.filter(isHard);
      const work = sets.filter(({ kind }) => isHardKind(kind));
      // Every work set counts for the week: all are planned with few in reserve. Both sides of one-sided work share one.
      const count =
        new Set(work.map(({ setIndex }) => setIndex)).size * (work.some(({ round }) => round !== null) ? CIRCUIT_SET : 1);
      // Intervals at the end of a session are breath, not hard sets: a sheet doesn't count them either.
      if (variation.family === 'finisher') continue;
      for (const muscle of EMPHASES) {
        const share = countsFor(variation, muscle);
        if (share > 0 && count > 0) hardSetsByMuscle[muscle] = (hardSetsByMuscle[muscle] ?? 0) + share * count;
      }
      kneeBendSets += countsFor(variation, 'knee-bend') * count;
      const isLoaded = hard.some(({ externalKg }) => externalKg > 0);
      if (isLoaded && (MAIN_FAMILIES as readonly string[]).includes(variation.family)) heavy.add(variation.family);
    }
    return { day, hardSetsByMuscle, kneeBendSets, heavyFamilies: [...heavy] };
  });
};
