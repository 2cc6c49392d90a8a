import { getVariation } from '../catalogue';
import { setSeconds } from '../dose';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import type { ComposedItem } from './arrange';
import { boundBy, fullWhenNotIdle } from './bound-by';
import type { RoomLeft } from './bound-by';
import type { SheetInput } from './types';

/** An exercise that got fewer sets than usual says what truly kept it from one more: minutes, the week, or other work. */
const withTrueReason = (input: SheetInput, room: RoomLeft, item: ComposedItem): ComposedItem => {
  const variation = getVariation(input.context.catalogue, item.variationId);
  const seconds = setSeconds(item.dose, variation) + item.dose.restSeconds;
  const truly = (told: Reason): Reason => {
    if (told.code !== 'fewer-sets') return told;
    const { minutes: _, ...values } = told.values;
    const bound = boundBy(input, { variation, sets: 1, seconds, isExercise: false }, room);
    if (bound.by === 'week') {
      const { emphasis, most, cap } = bound;
      return reason('fewer-for-week', { ...values, emphasis, most, cap }, 'house-default');
    }
    if (bound.by === 'plan') return reason('fewer-for-plan', values, 'house-default');
    return bound.by === 'minutes' ? told : reason('fewer-for-others', values, 'house-default');
  };
  return { ...item, why: { ...item.why, sets: item.why.sets.map(truly) } };
};

/** The exercises of a composed session, each with the true reason for its sets. */
export const fewerFor = (input: SheetInput, room: RoomLeft): ComposedItem[] =>
  room.composed.items.map((item) => withTrueReason(input, fullWhenNotIdle(room), item));
