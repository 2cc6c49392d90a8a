import { exerciseSeconds, setSeconds } from '../dose';
import type { Dose } from '../dose';
import type { Variation } from '../catalogue';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';

/** What is left of one exercise. The first of the list is the session's main lift. */
export interface Remaining {
  itemId: string;
  variation: Pick<Variation, 'id' | 'stance' | 'setUpSeconds' | 'seconds' | 'kit'>;
  dose: Dose;
  setsLeft: number;
}

/** One way to save time. `pairWith`: done in turn with that item, resting once for both. */
export interface TimeStep {
  itemId: string;
  does: 'pair' | 'trim' | 'drop';
  pairWith?: string;
  sets: number;
  savesMinutes: number;
  reason: Reason;
}

/** How to fit what is left: steps in the order they are worth, and the minutes it then takes. */
export interface TimePlan {
  fits: boolean;
  minutesNeeded: number;
  steps: readonly TimeStep[];
  reasons: readonly Reason[];
}

/** Fewest sets an accessory is trimmed to before it is dropped, and the main lift is kept at. House default. */
const LEAST_SETS = 2;

const secondsOf = ({ dose, variation, setsLeft }: Remaining): number =>
  setsLeft === 0 ? 0 : exerciseSeconds({ dose: { ...dose, sets: setsLeft }, variation });

const minutes = (seconds: number): number => Math.max(0, Math.round(seconds / 60));

/**
 * Fits what is left into the minutes left, keeping the main lift: accessories are paired first (rests overlap), then
 * trimmed from the bottom to two sets, then dropped from the bottom. Stops as soon as it fits.
 */
export const fitIntoTime = (items: readonly Remaining[], minutesLeft: number): TimePlan => {
  const budget = minutesLeft * 60;
  const left = items.filter(({ setsLeft }) => setsLeft > 0).map((item) => ({ ...item }));
  const steps: TimeStep[] = [];
  let needed = left.reduce((sum, item) => sum + secondsOf(item), 0);
  const take = (step: Omit<TimeStep, 'savesMinutes' | 'reason'>, saved: number, why: (minutesSaved: number) => Reason): void => {
    needed -= saved;
    steps.push({ ...step, savesMinutes: minutes(saved), reason: why(minutes(saved)) });
  };
  const [, ...rest] = left;
  for (let at = rest.length - 1; at >= 1 && needed > budget; at -= 2) {
    const [one, two] = [rest[at - 1], rest[at]];
    if (!one || !two || sharesKit(one, two)) continue;
    const rounds = Math.min(one.setsLeft, two.setsLeft);
    const saved = Math.max(0, rounds - 1) * Math.min(one.dose.restSeconds, two.dose.restSeconds);
    take({ itemId: two.itemId, does: 'pair', pairWith: one.itemId, sets: two.setsLeft }, saved, (minutesSaved) =>
      reason('time-pair', { variationId: two.variation.id, withVariationId: one.variation.id, minutesSaved }, 'common-practice'),
    );
  }
  for (let at = rest.length - 1; at >= 0 && needed > budget; at -= 1) {
    const item = rest[at];
    if (!item || item.setsLeft <= LEAST_SETS) continue;
    const cut = item.setsLeft - LEAST_SETS;
    const saved = cut * (setSeconds(item.dose, item.variation) + item.dose.restSeconds);
    item.setsLeft = LEAST_SETS;
    take({ itemId: item.itemId, does: 'trim', sets: LEAST_SETS }, saved, (minutesSaved) =>
      reason('time-trim', { variationId: item.variation.id, sets: LEAST_SETS, minutesSaved }, 'common-practice'),
    );
  }
  for (let at = rest.length - 1; at >= 0 && needed > budget; at -= 1) {
    const item = rest[at];
    if (!item) continue;
    const saved = secondsOf(item);
    item.setsLeft = 0;
    take({ itemId: item.itemId, does: 'drop', sets: 0 }, saved, (minutesSaved) =>
      reason('time-drop', { variationId: item.variation.id, minutesSaved }, 'common-practice'),
    );
  }
  const minutesNeeded = Math.ceil(needed / 60);
  const fits = needed <= budget;
  const reasons =
    steps.length === 0 && fits
      ? [reason('time-fits', { minutesLeft, minutesNeeded }, 'house-default')]
      : steps.map((step) => step.reason);
  return { fits, minutesNeeded, steps, reasons };
};

/** Whether two exercises need the same thing at once: then they can't be done in turn. */
const sharesKit = (a: Remaining, b: Remaining): boolean => {
  const needs = new Set(a.variation.kit.flat());
  return b.variation.kit.flat().some((item) => needs.has(item));
};
