import type { ItemId, SessionId, SetId } from '../vocabulary';
import { LONGEST_ID } from '../vocabulary';
import type { SetSlot } from './slots';

/** What tells rows of one index apart; work and timed sets fill the same one. */
const KIND_LETTERS: Record<SetSlot['kind'], string> = { work: '', timed: '', feeler: 'f', ramp: 'r', drop: 'd' };

const rowOf = ({ kind, setIndex, side }: SetSlot): string => `${KIND_LETTERS[kind]}${setIndex}-${side}`;

/** The id of a set where session and slot are too long for one: the exercise's own and the number of the try stand for them. */
export const shortSetIdFor = (sessionId: SessionId, itemId: ItemId, slot: SetSlot): SetId =>
  `${itemId}${sessionId.slice(sessionId.lastIndexOf('-'))}-${rowOf(slot)}`;

/** The id of the set in one row of an exercise. Two phones logging one row amend it instead of doubling it. */
export const setIdFor = (sessionId: SessionId, { id, slot }: { id: ItemId; slot: string }, row: SetSlot): SetId => {
  const usual = `${sessionId}-${slot}-${rowOf(row)}`;
  return usual.length <= LONGEST_ID ? usual : shortSetIdFor(sessionId, id, row);
};
