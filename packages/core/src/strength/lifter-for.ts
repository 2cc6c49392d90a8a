import type { Variation } from '../catalogue';
import type { TrainingAge } from '../vocabulary';
import { RESERVE_CAP } from './from-log';
import { curveOf } from './curve';
import type { Lifter } from './history';
import { tellingKg } from './history';
import { beliefFrom, KNOWN_LIFT, leftSince, newestLift } from './known-lift';
import type { KnownLift } from './known-lift';
import { ESTIMATOR } from './estimator/params';
import { gainClassOf, sdOfLoadFor } from './estimator/belief';
import type { Belief } from './estimator/types';
import { KAPPA, X } from './estimator/types';

/** Families the estimator says nothing about: skills, jumps, swings, drills. */
const NOT_ESTIMATED = new Set(['power', 'prep', 'trunk', 'finisher']);

/** Whether load and reps of a variation say something about strength: not for timed, skilful or unloaded drill work. */
export const isEstimable = (variation: Pick<Variation, 'family' | 'seconds' | 'bodyMassShare' | 'loadPositions'>): boolean =>
  !NOT_ESTIMATED.has(variation.family) &&
  variation.seconds === null &&
  // A counterweight is an aid: more of it makes the squat easier.
  variation.loadPositions[0] !== 'counterweight' &&
  (variation.bodyMassShare > 0 || variation.loadPositions.some((position) => position !== 'none'));

/** Load guessed when body mass is unknown, kg. House default: the lightest anyone is likely to start with. */
const UNKNOWN_MASS_KG = 60;

/** First working load guessed for a person, external kg: their share of body mass by training age. */
export const guessKg = (
  variation: Pick<Variation, 'firstLoadShare'>,
  person: { trainingAge: TrainingAge; massKg: number | null },
): number =>
  variation.firstLoadShare[person.trainingAge === 'novice' ? 'novice' : 'trained'] * (person.massKg ?? UNKNOWN_MASS_KG);

/**
 * How far off a cautious first guess may be where it is meant to be far too light: hips and calves carry several times what
 * anybody is given first. House default, in log load.
 */
const WIDE_START_SD = 0.45;
const WIDE_START = new Set(['bridge', 'calf']);

/** Who a lift is estimated for. `known`: what they are known to have lifted. */
export interface LiftingPerson {
  trainingAge: TrainingAge;
  massKg: number | null;
  habitReserve?: number | null | undefined;
  known?: readonly KnownLift[] | undefined;
}

/** What the estimator needs of a person at a variation. */
export const lifterFor = (variation: Variation, person: LiftingPerson): Lifter => {
  const lifter: Lifter = {
    startLoadKg: guessKg(variation, person),
    trainingAge: person.trainingAge,
    reserveCap: RESERVE_CAP,
    bodyLoadKg: bodyLoadOf(variation, person),
    curve: curveOf(variation),
    ...(WIDE_START.has(variation.family) ? { startSd: WIDE_START_SD } : {}),
    ...(typeof person.habitReserve === 'number' ? { habitReserve: person.habitReserve } : {}),
    isNewToMovement: true,
  };
  const known = knownBelief(variation, person);
  if (!known) return lifter;
  const startLoadKg = knownLoadKg(variation, person, { reps: ESTIMATOR.startReps, reserve: 0 }) ?? lifter.startLoadKg;
  const { lift, belief: prior } = known;
  return { ...lifter, startLoadKg, prior, priorDay: lift.day, isNewToMovement: lift.heldBy.length > 0 };
};

/** The newest known lift of a movement with what it says of strength on its day; null: none is known, or it tells nothing. */
const knownBelief = (
  variation: Variation,
  person: LiftingPerson,
): { lift: KnownLift; belief: Belief; tellingKg: number } | null => {
  const lift = newestLift(person.known, variation.id);
  if (!lift || !isEstimable(variation)) return null;
  const curve = curveOf(variation);
  const telling = tellingKg({ bodyLoadKg: bodyLoadOf(variation, person), curve });
  return { lift, belief: beliefFrom(lift, { tellingKg: telling, curve, gainClass: gainClassOf(person) }), tellingKg: telling };
};

const bodyLoadOf = ({ bodyMassShare }: Variation, { massKg }: Pick<LiftingPerson, 'massKg'>): number =>
  bodyMassShare * (massKg ?? UNKNOWN_MASS_KG);

/**
 * External load, kg, that a known lift bears today for so many reps with so many in reserve: one deviation down, half of it where the
 * lift earns no stage. Null: no lift of this movement is known.
 */
export const knownLoadKg = (
  variation: Variation,
  person: LiftingPerson,
  { reps, reserve }: { reps: number; reserve: number },
): number | null => {
  const known = knownBelief(variation, person);
  if (!known) return null;
  const { lift, belief, tellingKg: telling } = known;
  const done = reps + reserve;
  const low = Math.exp((belief.mean[X] ?? 0) - sdOfLoadFor(belief, done)) * leftSince(lift);
  const totalKg = low / (1 + done / Math.exp(belief.mean[KAPPA] ?? 0));
  return Math.max(0, totalKg - telling) * (lift.heldBy.length > 0 ? KNOWN_LIFT.unearnedShare : 1);
};
