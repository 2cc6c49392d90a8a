import { exerciseSeconds } from '../dose';
import type { Dose } from '../dose';
import type { Variation } from '../catalogue';
import { reason } from '../vocabulary';
import type { ItemId, Reason } from '../vocabulary';

/** What is left of one exercise. The first of the list is the session's main lift. */
export interface Remaining {
  itemId: ItemId;
  variation: Pick<Variation, 'id' | 'stance' | 'setUpSeconds' | 'seconds' | 'kit'>;
  dose: Dose;
  setsLeft: number;
}

/** One way to save time. `pairWith`: done in turn with that item, resting once for both. */
export interface TimeStep {
  itemId: ItemId;
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

/** Fewest sets an accessory is trimmed to before it is dropped. House default. */
const LEAST_SETS = 2;
/** A pair that saves less than this is not worth walking for, s. House default. */
const LEAST_SAVED_SECONDS = 30;

const secondsOf = ({ dose, variation, setsLeft }: Remaining): number =>
  setsLeft === 0 ? 0 : exerciseSeconds({ dose: { ...dose, sets: setsLeft }, variation });

const minutes = (seconds: number): number => Math.max(0, Math.round(seconds / 60));

/** What is left, and what was done to it so far. */
interface Fit {
  items: Remaining[];
  pairs: { one: Remaining; two: Remaining }[];
}

/** Rest that two exercises done in turn don't take twice. */
const savedByPair = ({ one, two }: Fit['pairs'][number]): number =>
  Math.max(0, Math.min(one.setsLeft, two.setsLeft) - 1) * Math.min(one.dose.restSeconds, two.dose.restSeconds);

const needed = ({ items, pairs }: Fit): number =>
  items.reduce((sum, item) => sum + secondsOf(item), 0) - pairs.reduce((sum, pair) => sum + savedByPair(pair), 0);

const pairUp = (fit: Fit, budget: number): void => {
  for (let at = fit.items.length - 1; at >= 2 && needed(fit) > budget; at -= 2) {
    const [one, two] = [fit.items[at - 1], fit.items[at]];
    if (!one || !two || sharesKit(one, two) || savedByPair({ one, two }) < LEAST_SAVED_SECONDS) continue;
    fit.pairs.push({ one, two });
  }
};

/** From the bottom up, the main lift apart: `to` says how many sets an exercise keeps. */
const cutFromBelow = (fit: Fit, budget: number, to: (item: Remaining) => number): void => {
  for (let at = fit.items.length - 1; at >= 1 && needed(fit) > budget; at -= 1) {
    const item = fit.items[at];
    if (!item) continue;
    item.setsLeft = Math.min(item.setsLeft, to(item));
    // What is dropped is in turn with nobody.
    if (item.setsLeft === 0) fit.pairs = fit.pairs.filter(({ one, two }) => one !== item && two !== item);
  }
};

/** What was done, in the order it is worth; each with what it saves by itself. */
const stepsOf = ({ items, pairs }: Fit, before: readonly Remaining[]): TimeStep[] => {
  const paired = pairs.map((pair): TimeStep => {
    const { one, two } = pair;
    const savesMinutes = minutes(savedByPair(pair));
    const values = { variationId: two.variation.id, withVariationId: one.variation.id, minutesSaved: savesMinutes };
    const why = reason('time-pair', values, 'common-practice');
    return { itemId: two.itemId, does: 'pair', pairWith: one.itemId, sets: two.setsLeft, savesMinutes, reason: why };
  });
  const cut = items.flatMap((item, at): TimeStep[] => {
    const was = before[at];
    if (!was || was.setsLeft === item.setsLeft) return [];
    const { itemId, setsLeft: sets, variation } = item;
    const savesMinutes = minutes(secondsOf(was) - secondsOf(item));
    const told = { variationId: variation.id, minutesSaved: savesMinutes };
    const why =
      sets === 0 ? reason('time-drop', told, 'common-practice') : reason('time-trim', { ...told, sets }, 'common-practice');
    return [{ itemId, does: sets === 0 ? 'drop' : 'trim', sets, savesMinutes, reason: why }];
  });
  const isTrim = ({ does }: TimeStep): boolean => does === 'trim';
  return [...paired, ...cut.filter(isTrim).reverse(), ...cut.filter((step) => !isTrim(step)).reverse()];
};

/**
 * Fits what is left into the minutes left, keeping the main lift: accessories are paired first (rests overlap), then
 * trimmed from the bottom to two sets, then dropped from the bottom. Stops as soon as it fits.
 * @example fitIntoTime(remaining, 20).steps.map(({ does }) => does) // ['pair', 'trim']
 */
export const fitIntoTime = (items: readonly Remaining[], minutesLeft: number): TimePlan => {
  const budget = minutesLeft * 60;
  const left = items.filter(({ setsLeft }) => setsLeft > 0);
  const fit: Fit = { items: left.map((item) => ({ ...item })), pairs: [] };
  pairUp(fit, budget);
  cutFromBelow(fit, budget, ({ setsLeft }) => Math.min(setsLeft, LEAST_SETS));
  cutFromBelow(fit, budget, () => 0);
  const steps = stepsOf(fit, left);
  const minutesNeeded = Math.ceil(needed(fit) / 60);
  const fits = needed(fit) <= budget;
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
