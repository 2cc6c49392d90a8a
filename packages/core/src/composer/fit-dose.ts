import type { Variation } from '../catalogue';
import { allowedLoads, inRange, kgHeldAt, narrowed, ownRange, withSettings } from '../dose';
import type { Dose, DoseWhy } from '../dose';
import { isSameMass, snapDown, UNLOADED } from '../kit';
import type { Load } from '../kit';
import { loadCapFor } from '../limits';
import { ESTIMATOR } from '../strength';
import { reason } from '../vocabulary';
import type { LeverValues } from '../vocabulary';
import type { SheetInput } from './types';

/** A dose and what is said of each of its numbers. */
export interface Planned {
  dose: Dose;
  why: DoseWhy;
}

export const loadsAt = ({ context }: SheetInput, variation: Variation, values: LeverValues): readonly Load[] =>
  allowedLoads(context.kit, context.limits, variation, values);

/** The load as this place makes it: itself, or as hard where it is held now, else the nearest not above, else the lightest there is. */
const asHere = (loads: readonly Load[], wanted: Load): Load => {
  const wantedKg = kgHeldAt(wanted, loads);
  return loads.find(({ externalKg }) => isSameMass(externalKg, wantedKg)) ?? snapDown(loads, wantedKg) ?? loads[0] ?? UNLOADED;
};

/**
 * A carried dose as it can be done here: its load as the kit and the limits have it, its settings in its tempo, its range
 * no wider than it may be, and the movement's own where nothing is held.
 */
export const fitDose = (input: SheetInput, variation: Variation, values: LeverValues, { dose, why }: Planned): Planned => {
  const loads = loadsAt(input, variation, values);
  const load = asHere(loads, dose.load);
  const own = ownRange(variation, values, load.externalKg);
  const settled = withSettings(variation, values, { ...dose, load }, loads);
  const isCounted = dose.seconds === undefined;
  const isTooFew = isCounted && settled.load.externalKg <= 0 && settled.repsHigh < own.low;
  // So many with a load that could be heavier say nothing of strength.
  const mayBeHeavier = settled.load.externalKg > 0 && settled.load.externalKg < (loads.at(-1)?.externalKg ?? 0) - 0.001;
  const isTooMany = isCounted && mayBeHeavier && settled.repsHigh > ESTIMATOR.boundOver.held && own.high < settled.repsHigh;
  const ranged = isTooFew || isTooMany ? inRange(settled, own) : narrowed(settled);
  const isMoved = !isSameMass(load.externalKg, dose.load.externalKg);
  const capKg = loadCapFor(variation, input.context.limits);
  const isCapped = capKg !== null && capKg > 0 && dose.load.externalKg > capKg;
  const told = isCapped
    ? reason('load-cleared-up-to', { maxLoadKg: capKg, loadKg: load.externalKg }, 'trainer')
    : reason('load-as-here', { loadKg: load.externalKg, fromKg: dose.load.externalKg }, 'house-default');
  return {
    dose: ranged,
    why: {
      ...why,
      ...(isMoved ? { load: [...why.load, told] } : {}),
      ...(ranged.repsLow !== settled.repsLow
        ? { reps: [...why.reps, reason('own-range', { repsLow: ranged.repsLow, repsHigh: ranged.repsHigh }, 'house-default')] }
        : {}),
    },
  };
};
