import type { ItemId, SessionId, SetId } from '../vocabulary';
import { LONGEST_ID } from '../vocabulary';
import type { SetSlot } from './slots';

/** What tells rows of one index apart; work and timed sets fill the same one. */
const KIND_LETTERS: Record<SetSlot['kind'], string> = { work: '', timed: '', feeler: 'f', ramp: 'r', drop: 'd' };

/**
 * The id of the set in one row of an exercise. Two phones logging one row amend it instead of doubling it. Where session
 * and slot are too long for one id, the exercise's own and the number of the try stand for them.
 */
export const setIdFor = (
  sessionId: SessionId,
  { id, slot }: { id: ItemId; slot: string },
  { kind, setIndex, side }: SetSlot,
): SetId => {
  const row = `${KIND_LETTERS[kind]}${setIndex}-${side}`;
  const usual = `${sessionId}-${slot}-${row}`;
  return usual.length <= LONGEST_ID ? usual : `${id}${sessionId.slice(sessionId.lastIndexOf('-'))}-${row}`;
};
