import { isPerSide } from '../vocabulary';
import type { SetKind, Side, Stance } from '../vocabulary';
import type { SetRecord } from './types';

/** One row to be logged: which set of the exercise, and which leg works. Each kind counts from 0 among itself. */
export interface SetSlot {
  kind: Exclude<SetKind, 'skill'>;
  setIndex: number;
  side: Side;
}

/** What an exercise asks for, in rows. `first`: the leg that goes first, the weaker where one is known. */
export interface SlotsWanted {
  sets: number;
  feelers?: number;
  stance: Stance;
  first?: Extract<Side, 'left' | 'right'>;
  /** Whether sets are counted in seconds. */
  isTimed?: boolean;
}

/**
 * The rows an exercise asks for, in order: feelers, then its sets; one a set, or both legs under one set index. Ramp
 * sets and drops are never owed, so they are not among them.
 * @example slotsFor({ sets: 2, stance: 'one-leg' }).length // 4
 */
export const slotsFor = ({ sets, feelers = 0, stance, first = 'left', isTimed = false }: SlotsWanted): SetSlot[] => {
  const second = first === 'left' ? 'right' : 'left';
  const sides = isPerSide(stance) ? ([first, second] as const) : (['both'] as const);
  const rows = (kind: SetSlot['kind'], count: number): SetSlot[] =>
    Array.from({ length: count }, (_, setIndex) => sides.map((side) => ({ kind, setIndex, side }))).flat();
  return [...rows('feeler', feelers), ...rows(isTimed ? 'timed' : 'work', sets)];
};

/** Whether a logged set is one of those an exercise is made of: a work set, or one counted in seconds. */
export const isHardKind = (kind: SetKind): boolean => kind === 'work' || kind === 'timed';

/** Timed sets were once logged as work sets; both fill the same row. */
const rowKind = (kind: SetKind): SetKind => (kind === 'timed' ? 'work' : kind);

/** Whether a logged set is the one of this row. */
export const isOfSlot = (set: Pick<SetRecord, 'kind' | 'setIndex' | 'side'>, slot: SetSlot): boolean =>
  rowKind(set.kind) === rowKind(slot.kind) && set.setIndex === slot.setIndex && set.side === slot.side;

/** The first row not logged yet, or undefined when all are. */
export const nextSlot = (
  slots: readonly SetSlot[],
  done: readonly Pick<SetRecord, 'kind' | 'setIndex' | 'side'>[],
): SetSlot | undefined => slots.find((slot) => !done.some((set) => isOfSlot(set, slot)));
