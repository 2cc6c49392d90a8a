import type { Variation } from '../catalogue';
import { habitAmong, isEstimable, RESERVE_CAP } from '../strength';
import { historyOf, sidesOf } from './estimate-next';
import type { PastExercise } from './types';

/** Reports older than this say nothing of how somebody reports now, days. House default. */
const HABIT_DAYS = 84;

/** The reps in reserve a person names whatever was left, from all their lifts up to `day`; null: no such habit. */
export const habitOf = (done: readonly { variation: Variation; past: readonly PastExercise[] }[], day: number): number | null =>
  habitAmong(
    done.flatMap(({ variation, past }) => {
      const lately = past.filter((session) => day - session.day <= HABIT_DAYS);
      const dose = lately.at(-1)?.dose;
      if (!dose || !isEstimable(variation)) return [];
      return sidesOf({ variation }).map((side) => historyOf({ variation, dose, past: lately }, side));
    }),
    RESERVE_CAP,
  );
