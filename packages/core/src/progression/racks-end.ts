import { ownRange, repsTop } from '../dose';
import type { Load } from '../kit';
import { reason } from '../vocabulary';
import { aimAt } from './aim';
import { lever } from './change-lever';
import { heldElsewhere } from './held-elsewhere';
import { mayGoBeyond } from './may-go-beyond';
import { onOneLeg } from './on-one-leg';
import { stay } from './stay';
import type { ExerciseLog, Outcome } from './types';

/** Ranges a movement goes up to where nothing else is left; beyond them more reps say nothing more. House defaults. */
const HIGHER = [
  { low: 10, high: 15 },
  { low: 15, high: 20 },
] as const;

/**
 * The heaviest the kit makes, and every set filled it: the movement's own range first, then held where more can be held, then a
 * notch on a setting, a pause or the tempo; where none is left the range moves up, as far as reps still say something; then one leg at a time.
 */
export const atRacksEnd = (log: ExerciseLog, load: Load): Outcome => {
  const { dose } = log;
  const own = ownRange(log.variation, log.values, load.externalKg);
  const said = { loadKg: load.externalKg, reps: repsTop(dose) };
  if (dose.repsHigh < own.high) {
    return inReps(log, load, own, [reason('own-range', { repsLow: own.low, repsHigh: own.high }, 'house-default')]);
  }
  const ceiling = reason('at-the-ceiling', said, 'house-default');
  const elsewhere = heldElsewhere(log, load);
  if (elsewhere) return { ...elsewhere, reasons: [ceiling, ...elsewhere.reasons] };
  const notch = lever(log, load, 'harder');
  if (notch) return { ...notch, reasons: [ceiling, ...notch.reasons] };
  const higher = HIGHER.find(({ low, high }) => high > dose.repsHigh && low > dose.repsLow);
  if (!mayGoBeyond(log) || !higher) {
    const oneLeg = onOneLeg(log);
    return oneLeg ? { ...oneLeg, reasons: [ceiling, ...oneLeg.reasons] } : stay(log, { load }, [ceiling]);
  }
  return inReps(log, load, higher, [reason('no-heavier-load', { loadKg: said.loadKg, repsTo: higher.high }, 'house-default')]);
};

/** The same load in another range, at the reps the belief bears there. */
const inReps = (
  log: ExerciseLog,
  load: Load,
  { low, high }: { low: number; high: number },
  reasons: Outcome['reasons'],
): Outcome => {
  const dose = { ...log.dose, load, repsLow: low, repsHigh: high, repsBeyond: 0, repsAim: undefined };
  return {
    verdict: 'move-up',
    change: { lever: 'reps', from: log.dose.repsHigh, to: high },
    dose: { ...dose, repsAim: aimAt(log, dose) },
    reasons,
  };
};
