import { isHardKind } from '../log';
import type { SetSlot } from '../log';
import { isLastSide } from './coming-set';
import type { Exercise } from './types';

/** Rows that are owed and open: ramp sets and drops may be logged and never are. */
const owedRows = ({ rows }: Pick<Exercise, 'rows'>) =>
  rows.filter((row) => !row.set && row.slot.kind !== 'ramp' && row.slot.kind !== 'drop');

/**
 * Whether the next exercise comes after this row is logged: its last row that is owed, or in a pair or circuit a whole
 * set of it. An amended set leaves the trainer where they stand.
 */
export const goesOnAfter = (exercise: Exercise, slot: SetSlot, isAmended: boolean): boolean => {
  if (isAmended || !(isHardKind(slot.kind) || slot.kind === 'feeler')) return false;
  return owedRows(exercise).length <= 1 || (exercise.inTurn && isLastSide(exercise, slot));
};

/** Whether something can be taken off what was just lifted: a loaded work set or a drop, counted in reps. */
export const canDropAfter = ({ done, item }: Pick<Exercise, 'done' | 'item'>): boolean => {
  const last = done.at(-1);
  return last !== undefined && ['work', 'drop'].includes(last.kind) && last.externalKg > 0 && item.dose.seconds === undefined;
};

/** The row of the next drop: it hangs from the set done last, on its leg. Null where nothing was done. */
export const nextDrop = ({ done }: Pick<Exercise, 'done'>): SetSlot | null => {
  const last = done.at(-1);
  if (!last) return null;
  const drops = done.filter(({ kind, side }) => kind === 'drop' && side === last.side).length;
  return { kind: 'drop', setIndex: drops, side: last.side };
};

/** Sets of an exercise, done and owed. */
export const setsOf = ({ rows }: Pick<Exercise, 'rows'>): number =>
  new Set(rows.filter((row) => isHardKind(row.slot.kind)).map((row) => row.slot.setIndex)).size;
