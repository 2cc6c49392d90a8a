import type { SetSlot } from '../log';
import { askedFor } from './coming-set';
import type { Asked } from './pad';
import type { Exercise, LiveItem, Running } from './types';

/** A row of the warm-up that is still owed, and what it is asked to be. */
export interface WarmUpRow<I extends LiveItem> {
  item: I;
  slot: SetSlot;
  asked: Asked;
}

/** Every row of the warm-up's drills that is still owed, in order. */
export const warmUpLeft = <I extends LiveItem>(running: Running, exercises: readonly Exercise<I>[]): WarmUpRow<I>[] =>
  exercises
    .filter(({ role, isOpen }) => role === 'prep' && isOpen)
    .flatMap((exercise) =>
      exercise.rows.flatMap(({ slot, set }) =>
        set === null ? [{ item: exercise.item, slot, asked: askedFor(running, exercise, slot, null, null) }] : [],
      ),
    );
