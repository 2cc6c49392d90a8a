import type { Variation } from '../catalogue/types';
import type { Kit } from '../kit';
import type { KnownLift } from '../strength';
import { reason } from '../vocabulary';
import type { Goal, LeverValues, TrainingAge } from '../vocabulary';
import { firstLoad, loadsForVariation } from './first-load';
import { GOAL_DOSES } from './goal-table';
import { ownRange, withinWindow } from './rep-range';
import { withSettings } from './settings';
import { formatTempo, secondsPerRep } from './tempo';
import type { Dose } from './types';
import type { DoseWhy } from './why';

/** What a dose is fitted to. `massKg` null: not asked. */
export interface DosePerson {
  goal: Goal;
  trainingAge: TrainingAge;
  massKg: number | null;
  /** Whole years; null or left out: not asked. */
  age?: number | null;
  /** The reps in reserve they name whatever was left; null or left out: no such habit is known. */
  habitReserve?: number | null | undefined;
  /** What they are known to have lifted before or beside the log; left out: nothing. */
  known?: readonly KnownLift[] | undefined;
}

/**
 * The dose of an exercise a person has no track for yet: the goal's table, the variation's own range and tempo
 * where the trade gives one, and a careful first load from the kit. Each number carries its reasons.
 */
export const firstDose = (
  person: DosePerson,
  variation: Variation,
  kit: Kit,
  values: LeverValues = {},
): { dose: Dose; why: DoseWhy } => {
  const { goal, trainingAge } = person;
  const table = GOAL_DOSES[goal];
  const tempo = variation.tempo ?? table.tempo;
  const sets = table.sets[trainingAge];
  const { load, why: loadWhy } = firstLoad(kit, variation, person, values, { reps: table.reps.high, reserve: table.reserve });
  // The goal's range is for loaded work; with nothing held the movement's own counts, whatever the goal.
  const isByGoal = load.externalKg > 0 && load.position !== 'counterweight';
  const ownReps =
    isByGoal && table.keepsItsReps
      ? null
      : isByGoal
        ? variation.repRange && ownRange(variation, values, load.externalKg)
        : ownRange(variation, values);
  const reps = ownReps ?? withinWindow(table.reps);
  const range = { repsLow: reps.low, repsHigh: reps.high };
  const pace = { tempo: formatTempo(tempo), secondsPerRep: secondsPerRep(tempo) };
  return {
    dose: withSettings(
      variation,
      values,
      {
        sets,
        ...range,
        repsBeyond: 0,
        load,
        tempo,
        restSeconds: table.restSeconds,
        reserve: table.reserve,
        // Holds start at the low end of what the trade gives them, wherever they come from.
        ...(variation.seconds === null ? {} : { seconds: variation.seconds.low }),
      },
      loadsForVariation(kit, variation, values),
    ),
    why: {
      sets: [reason('sets-by-goal', { goal, trainingAge, sets }, 'common-practice')],
      reps: [
        ownReps
          ? reason('reps-by-variation', { variationId: variation.id, ...range }, variation.basis)
          : reason('reps-by-goal', { goal, ...range }, 'nsca-essentials-4'),
      ],
      load: loadWhy,
      tempo: [
        variation.tempo
          ? reason('tempo-by-variation', { variationId: variation.id, ...pace }, variation.basis)
          : reason('tempo-by-goal', { goal, ...pace }, 'common-practice'),
      ],
      rest: [reason('rest-by-goal', { goal, restSeconds: table.restSeconds }, 'nsca-essentials-4')],
      reserve: [reason('reserve-by-goal', { goal, reserve: table.reserve }, 'common-practice')],
    },
  };
};
