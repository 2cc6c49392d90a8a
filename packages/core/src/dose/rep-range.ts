import { rungsOf } from '../catalogue/knowledge';
import type { RepRange, Variation } from '../catalogue/types';
import type { LeverValue, LeverValues } from '../vocabulary';
import type { Dose } from './types';

/**
 * A range holds at most five numbers, six from ten reps up (10–15); a movement's wider range is a window in which it lies.
 * House default: wider ones can be filled without anything getting harder.
 */
const WIDTH = { usual: 5, high: 6, highFrom: 10 } as const;

/** How many numbers a range that begins here may hold. */
export const rangeWidth = (repsLow: number): number => (repsLow >= WIDTH.highFrom ? WIDTH.high : WIDTH.usual);

/** The range of a movement that names none, where the goal's doesn't count. Common practice, no source. */
const OWN: RepRange = { low: 8, high: 12 };

const topAt = ({ low, high }: RepRange, top: number): RepRange => {
  const width = top - WIDTH.high + 1 >= WIDTH.highFrom ? WIDTH.high : WIDTH.usual;
  return { low: Math.max(low, Math.min(top, high) - width + 1), high: Math.min(top, high) };
};

/**
 * A range no wider than it may be, at the low end of its window, or with its top where something is earned; what is earned
 * inside the lowest range leaves that one as it is.
 */
export const withinWindow = (window: RepRange, top?: number): RepRange => {
  const lowest = { low: window.low, high: Math.min(window.high, window.low + rangeWidth(window.low) - 1) };
  return top !== undefined && top > lowest.high ? topAt({ ...window, high: Math.max(window.high, top) }, top) : lowest;
};

/** Reps that earn the next stage at these settings, where a number is asked for. */
const gateReps = (variation: Variation, values: LeverValues): number | undefined => {
  const rungs = rungsOf(variation.id).filter(({ rung }) => !rung.aside);
  const fits = rungs.find(({ rung }) =>
    (Object.entries(rung.values ?? {}) as [keyof LeverValues, LeverValue][]).every(([lever, value]) => values[lever] === value),
  );
  const reps = (fits ?? rungs[0])?.rung.gate?.reps;
  return typeof reps === 'number' ? reps : undefined;
};

/**
 * A movement's own range, whatever the goal: unloaded work and work at the rack's end. With nothing held its top is what earns the
 * next; with a load that is shown by strength, and the range stays where reps say something of it.
 */
export const ownRange = (variation: Variation, values: LeverValues = {}, loadKg = 0): RepRange =>
  withinWindow(variation.repRange ?? OWN, isBare(variation, loadKg) ? gateReps(variation, values) : undefined);

/** Whether nothing is lifted but the person: what balances them is no load. */
const isBare = ({ unloadedAllowed, loadPositions }: Variation, loadKg: number): boolean =>
  loadPositions[0] === 'counterweight' || (unloadedAllowed && loadKg <= 0);

/** A dose whose range holds no more numbers than it may; its top stays. */
export const narrowed = (dose: Dose): Dose => {
  const { low, high } = topAt({ low: dose.repsLow, high: dose.repsHigh }, dose.repsHigh);
  return low === dose.repsLow ? dose : { ...dose, repsLow: low, repsHigh: high };
};

/** A dose in another range; what was aimed at beyond it is forgotten. */
export const inRange = (dose: Dose, { low, high }: RepRange): Dose =>
  dose.repsLow === low && dose.repsHigh === high
    ? dose
    : { ...dose, repsLow: low, repsHigh: high, repsBeyond: 0, repsAim: undefined };

/** A range moved up so that no set asks for fewer than `least`. */
export const atLeastReps = (dose: Dose, least: number): Dose => {
  if (dose.repsLow >= least) return dose;
  const width = dose.repsHigh - dose.repsLow;
  return { ...inRange(dose, { low: least, high: Math.max(dose.repsHigh, least + width) }) };
};
