import { ownRange, plannedReps } from '../dose';
import { nextDown } from '../kit';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import { lever } from './change-lever';
import { toRungBelow } from './gates/rung-below';
import type { ExerciseLog, Outcome } from './types';

/** Reps taken off the range where nothing else can be made easier. House default. */
const REPS_OFF = 2;
/** The gentlest ease takes this share off, the strongest twice it, by what the rack makes. Basis: `ease back 5–10 %`. */
const EASE_SHARE = 0.05;

/**
 * One step easier: a load 5 to 10 % lighter, or the next lighter; then a notch on a setting; then the stage below; then
 * fewer reps. Where it was far too hard with the lightest there is, the stage below comes at once.
 */
export const easeOneStep = (log: ExerciseLog, from: Load, isFarTooHard = false): Omit<Outcome, 'verdict'> => {
  const { dose, loads } = log;
  const lighter =
    loads.findLast((load) => load.externalKg <= from.externalKg * (1 - EASE_SHARE) + 0.0005) ?? nextDown(loads, from.externalKg);
  if (lighter && lighter.externalKg < from.externalKg) {
    return {
      dose: { ...dose, load: lighter, repsBeyond: 0, repsAim: undefined },
      change: { lever: 'load', from: from.externalKg, to: lighter.externalKg },
      reasons: [],
    };
  }
  const notch = () => lever(log, from, 'easier');
  const easier = isFarTooHard ? (toRungBelow(log) ?? notch()) : (notch() ?? toRungBelow(log));
  if (easier) return easier;
  // Never out of the movement's own range: a sheet would put it back there.
  const floor = Math.min(dose.repsHigh, from.externalKg > 0 ? 1 : ownRange(log.variation, log.values).low);
  const repsHigh = Math.max(floor, dose.repsHigh - REPS_OFF);
  // The range moves, it never widens.
  const repsLow = Math.max(1, dose.repsLow - (dose.repsHigh - repsHigh));
  // Fewer are asked for than before, whatever the range's top is.
  const repsAim = Math.min(repsHigh, Math.max(repsLow, plannedReps(dose) - REPS_OFF));
  return {
    dose: { ...dose, load: from, repsLow, repsHigh, repsBeyond: 0, repsAim },
    change: repsHigh === dose.repsHigh ? null : { lever: 'reps', from: dose.repsHigh, to: repsHigh },
    reasons: [reason('no-lighter-load', { loadKg: from.externalKg, repsTo: repsHigh }, 'house-default')],
  };
};

/** What was eased as a verdict: where nothing could be, it is the same again, and says so. */
export const asEased = (eased: Omit<Outcome, 'verdict'>, reasons: Outcome['reasons']): Outcome => ({
  ...eased,
  verdict: eased.change === null ? 'same-again' : 'ease-back',
  reasons: [...reasons, ...eased.reasons],
});
