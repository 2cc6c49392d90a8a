import { isPerSide } from '../vocabulary';
import type { Side, Stance } from '../vocabulary';
import type { SetRecord } from './types';

/** One row to be logged: which set of the exercise, and which leg works. */
export interface SetSlot {
  setIndex: number;
  side: Side;
}

/**
 * The rows an exercise asks for, in order: one a set, or left then right under one set index.
 * @example slotsFor(2, 'one-leg').length // 4
 */
export const slotsFor = (sets: number, stance: Stance): SetSlot[] =>
  Array.from({ length: sets }, (_, setIndex) =>
    (isPerSide(stance) ? (['left', 'right'] as const) : (['both'] as const)).map((side) => ({ setIndex, side })),
  ).flat();

/** The first row not logged yet, or undefined when all are. */
export const nextSlot = (slots: readonly SetSlot[], done: readonly Pick<SetRecord, 'setIndex' | 'side'>[]): SetSlot | undefined =>
  slots.find((slot) => !done.some((set) => set.setIndex === slot.setIndex && set.side === slot.side));
