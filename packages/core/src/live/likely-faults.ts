import type { FaultId } from '../vocabulary';
import type { Exercise, LiveItem } from './types';

/** Faults shown before all of them are asked for. House default: what a thumb finds in a glance. */
const SHOWN = 2;

/**
 * The faults of a movement that are likeliest in this person: those seen in the sessions that are known and today, the most often
 * seen first, then as the movement has them.
 */
export const likelyFaults = <I extends LiveItem>({
  item,
  variation,
  done,
}: Pick<Exercise<I>, 'item' | 'variation' | 'done'>): FaultId[] => {
  const sets = [...item.past.flatMap((session) => session.sets), ...done];
  const timesSeen = (id: FaultId): number => sets.filter(({ faults }) => faults.some((fault) => fault.id === id)).length;
  return [...variation.faults].sort((a, b) => timesSeen(b) - timesSeen(a)).slice(0, SHOWN);
};
