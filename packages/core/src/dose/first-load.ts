import type { Variation } from '../catalogue/types';
import { loadsFor, snapDown, UNLOADED } from '../kit';
import type { Kit, Load } from '../kit';
import { loadCapFor, positionOn } from '../limits';
import type { PersonLimit } from '../limits';
import { knownLoadKg, newestLift } from '../strength';
import type { LiftingPerson } from '../strength';
import { reason } from '../vocabulary';
import type { LeverValues, LoadPosition, Reason } from '../vocabulary';

/** Where a variation's load is carried at these settings: the setting, else its usual place. */
export const positionOf = (variation: Variation, values: LeverValues = {}): LoadPosition =>
  variation.loadPositions.find((position) => position === values['load-position']) ?? variation.loadPositions[0] ?? 'none';

/** Every load this kit makes for a variation, lightest first. */
export const loadsForVariation = (kit: Kit, variation: Variation, values: LeverValues = {}): readonly Load[] =>
  loadsFor(kit, positionOf(variation, values), { unloadedToo: variation.unloadedAllowed, needs: variation.kit.flat() });

/** The same, without what lies above the bound of a person's clearances, or is held where their limits lock a weight. */
export const allowedLoads = (
  kit: Kit,
  limits: readonly PersonLimit[],
  variation: Variation,
  values: LeverValues = {},
): readonly Load[] => {
  const capKg = loadCapFor(variation, limits);
  const isHeldWrong = positionOn(positionOf(variation, values), limits).state === 'locked';
  const loads = loadsForVariation(kit, variation, values);
  if (isHeldWrong) return loads.filter(({ externalKg }) => externalKg === 0);
  return capKg === null ? loads : loads.filter(({ externalKg }) => externalKg <= capKg);
};

/** What a first load is meant for where nobody says. House default. */
const FIRST_MEANT = { reps: 12, reserve: 3 } as const;

/** The load a known lift bears for the reps meant; null where none is known, or it would be less than the lightest there is. */
const fromKnownLift = (
  loads: readonly Load[],
  variation: Variation,
  person: LiftingPerson,
  meant: { reps: number; reserve: number },
): { load: Load; why: Reason[] } | null => {
  const lift = newestLift(person.known, variation.id);
  const bornKg = knownLoadKg(variation, person, meant);
  const load = bornKg === null ? null : (snapDown(loads, bornKg) ?? loads[0]);
  if (!lift || !load) return null;
  const { loadKg: liftedKg, reps, daysAgo, source, heldBy } = lift;
  const told = { liftedKg, reps, daysAgo, source, loadKg: load.externalKg, isEarned: heldBy.length === 0 };
  return { load, why: [reason('load-from-known-lift', told, 'strength-model')] };
};

/**
 * A careful first working load: from a lift they are known for, else a share of body mass by training age, snapped to the nearest load not above it.
 * Body mass unknown: the lightest the kit makes. A kit that makes nothing: unloaded.
 * @example firstLoad(kit, gobletSquat, { trainingAge: 'novice', massKg: 68 }).load.externalKg // 10
 */
export const firstLoad = (
  kit: Kit,
  variation: Variation,
  person: LiftingPerson,
  settings: LeverValues = {},
  meant: { reps: number; reserve: number } = FIRST_MEANT,
): { load: Load; why: Reason[] } => {
  const loads = loadsForVariation(kit, variation, settings);
  const known = fromKnownLift(loads, variation, person, meant);
  if (known) return known;
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
