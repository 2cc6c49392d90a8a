import type { Variation } from '../catalogue';
import type { TrainingAge } from '../vocabulary';
import { RESERVE_CAP } from './from-log';
import { curveOf } from './curve';
import type { Lifter } from './history';

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

/** What the estimator needs of a person at a variation. */
export const lifterFor = (
  variation: Variation,
  person: { trainingAge: TrainingAge; massKg: number | null; habitReserve?: number | null | undefined },
): Lifter => ({
  startLoadKg: guessKg(variation, person),
  trainingAge: person.trainingAge,
  reserveCap: RESERVE_CAP,
  bodyLoadKg: variation.bodyMassShare * (person.massKg ?? UNKNOWN_MASS_KG),
  curve: curveOf(variation),
  ...(WIDE_START.has(variation.family) ? { startSd: WIDE_START_SD } : {}),
  ...(typeof person.habitReserve === 'number' ? { habitReserve: person.habitReserve } : {}),
  isNewToMovement: true,
});
