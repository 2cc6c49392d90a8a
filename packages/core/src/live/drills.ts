import type { SetSlot } from '../log';
import { isDrillRole } from '../vocabulary';
import type { Role } from '../vocabulary';
import { askedFor } from './coming-set';
import type { Asked } from './pad';
import type { Exercise, LiveItem, Running } from './types';

/** A row of a drill that is still owed, and what it is asked to be. */
export interface DrillRow<I extends LiveItem> {
  item: I;
  slot: SetSlot;
  asked: Asked;
}

/** Every row of the warm-up's, or the cool-down's, drills that is still owed, in order; none of the work. */
export const drillsLeft = <I extends LiveItem>(
  running: Running,
  exercises: readonly Exercise<I>[],
  of: Role = 'prep',
): DrillRow<I>[] =>
  exercises
    .filter(({ role, isOpen }) => role === of && isDrillRole(role) && isOpen)
    .flatMap((exercise) =>
      exercise.rows.flatMap(({ slot, set }) =>
        set === null ? [{ item: exercise.item, slot, asked: askedFor(running, exercise, slot, null, null) }] : [],
      ),
    );
