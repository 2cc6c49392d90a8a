import type { KitDto } from '@drubo/contracts';
import type { PlanDay } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';

const words = weeksWords.day;

/** Where and how long a day is, where that is not as usual. */
export const placeOf = ({ kitId, minutes }: PlanDay, kits: readonly KitDto[]): string[] => {
  const place = kits.find(({ id }) => id === kitId);
  return [...(place ? [words.elsewhere(place.name)] : []), ...(minutes === null ? [] : [words.minutes(minutes)])];
};
