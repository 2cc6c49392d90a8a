import type { Variation } from '../catalogue/types';
import { loadsFor, snapDown, UNLOADED } from '../kit';
import type { Kit, Load } from '../kit';
import { loadCapFor, positionOn } from '../limits';
import type { PersonLimit } from '../limits';
import { reason } from '../vocabulary';
import type { LeverValues, LoadPosition, Reason, TrainingAge } from '../vocabulary';

/** Where a variation's load is carried at these settings: the setting, else its usual place. */
export const positionOf = (variation: Variation, values: LeverValues = {}): LoadPosition =>
  variation.loadPositions.find((position) => position === values['load-position']) ?? variation.loadPositions[0] ?? 'none';

/** Every load this kit makes for a variation, lightest first. */
export const loadsForVariation = (kit: Kit, variation: Variation, values: LeverValues = {}): Load[] =>
  loadsFor(kit, positionOf(variation, values), { unloadedToo: variation.unloadedAllowed, needs: variation.kit.flat() });

/** The same, without what lies above the bound of a person's clearances, or is held where their limits lock a weight. */
export const allowedLoads = (
  kit: Kit,
  limits: readonly PersonLimit[],
  variation: Variation,
  values: LeverValues = {},
): Load[] => {
  const capKg = loadCapFor(variation, limits);
  const isHeldWrong = positionOn(positionOf(variation, values), limits).state === 'locked';
  const loads = loadsForVariation(kit, variation, values);
  if (isHeldWrong) return loads.filter(({ externalKg }) => externalKg === 0);
  return capKg === null ? loads : loads.filter(({ externalKg }) => externalKg <= capKg);
};

/**
 * A careful first working load: a share of body mass by training age, snapped to the nearest load not above it.
 * Body mass unknown: the lightest the kit makes. A kit that makes nothing: unloaded.
 * @example firstLoad(kit, gobletSquat, { trainingAge: 'novice', massKg: 68 }).load.externalKg // 10
 */
export const firstLoad = (
  kit: Kit,
  variation: Variation,
  person: { trainingAge: TrainingAge; massKg: number | null },
  settings: LeverValues = {},
): { load: Load; why: Reason[] } => {
  const loads = loadsForVariation(kit, variation, settings);
  const share = variation.firstLoadShare[person.trainingAge === 'novice' ? 'novice' : 'trained'];
  const lightest = loads[0] ?? UNLOADED;
  if (share === 0) return { load: lightest, why: [reason('load-none-first', { variationId: variation.id }, 'common-practice')] };
  if (person.massKg === null) {
    return { load: lightest, why: [reason('load-mass-unknown', { loadKg: lightest.externalKg }, 'house-default')] };
  }
  const guessKg = share * person.massKg;
  // A counterweight is an aid that has to be there: the lightest will do where the guess is lighter than anything.
  const least = positionOf(variation, settings) === 'counterweight' ? loads.find(({ externalKg }) => externalKg > 0) : undefined;
  const snapped = snapDown(loads, guessKg) ?? UNLOADED;
  const load = snapped.externalKg === 0 ? (least ?? snapped) : snapped;
  const values = { share, bodyMassKg: person.massKg, guessKg, loadKg: load.externalKg };
  return { load, why: [reason('load-first-guess', values, 'common-practice')] };
};
