import type { Population } from './population';
import { SIMULATED_RACKS } from './racks';
import type { RackId } from './racks';
import { publishedReps, publishedShare } from './published';
import { normal, pick, uniform } from './random';
import type { Random } from './random';

/** A simulated person: fixed traits. Loads in kg, gains in log load per week. */
export interface SimulatedPerson {
  novice: boolean;
  rack: RackId;
  loadsKg: readonly number[];
  sessionsPerWeek: 1 | 2 | 3;
  oneRepMaxKg: number;
  k: number;
  curve: Population['curve'];
  gainPerWeek: number;
  dropPerSet: number;
  bias: number;
  /** Share of body mass that moves with the load, kg. */
  bodyLoadKg: number;
  /** The load guessed at the start. */
  startLoadKg: number;
}

const MEDIAN_KG: Record<RackId, number> = { barbell: 90, dumbbell: 32, kettlebell: 34 };
const SPREAD: Record<RackId, number> = { barbell: 0.3, dumbbell: 0.3, kettlebell: 0.2 };
/** Share of body mass that moves in a back squat, from the segment table. */
const SQUAT_SHARE = 0.88;
/** What the start guess aims at: ten reps with two in reserve. */
const GUESS_REPS = 12;

/** Reps to failure, real-valued, at `loadKg` with `capabilityKg` liftable once now. */
export const repsToFailure = (
  { k, curve, novice }: Pick<SimulatedPerson, 'k' | 'curve' | 'novice'>,
  capabilityKg: number,
  loadKg: number,
): number => {
  if (curve === 'published') return k * publishedReps(novice ? 'untrained' : 'trained', loadKg / capabilityKg);
  return curve === 'straight' ? k * (capabilityKg / loadKg - 1) : 1.2 * k * Math.log(capabilityKg / loadKg);
};

/** The load that could be lifted `reps` times to failure with `capabilityKg` liftable once. */
export const loadForReps = (
  { k, curve, novice }: Pick<SimulatedPerson, 'k' | 'curve' | 'novice'>,
  capabilityKg: number,
  reps: number,
): number => {
  if (curve === 'published') return capabilityKg * publishedShare(novice ? 'untrained' : 'trained', reps / k);
  return curve === 'straight' ? capabilityKg / (1 + reps / k) : capabilityKg / Math.exp(reps / (1.2 * k));
};

/** Draws a person whose ideal load lies well inside the rack. */
export const drawPerson = (random: Random, population: Population): SimulatedPerson => {
  const novice = random() < 0.5;
  const rack = pick(random, population.racks);
  const loadsKg = SIMULATED_RACKS[rack];
  const { mean, sd, low, high } = population.k;
  const k = Math.min(high, Math.max(low, normal(random, mean, sd)));
  const shape = { k, curve: population.curve, novice };
  const massKg = population.byBodyMass === null ? 0 : Math.max(45, normal(random, 76, 12));
  const heaviest = loadsKg.at(-1) ?? 0;
  const lightest = loadsKg[0] ?? 0;
  let oneRepMaxKg = 0;
  let idealKg = 0;
  do {
    oneRepMaxKg =
      population.byBodyMass === null
        ? MEDIAN_KG[rack] * Math.exp(normal(random, 0, SPREAD[rack]))
        : massKg * uniform(random, population.byBodyMass.low, population.byBodyMass.high);
    idealKg = loadForReps(shape, oneRepMaxKg, GUESS_REPS);
  } while (idealKg < 1.5 * lightest || idealKg > 0.7 * heaviest);
  const off = population.startGuessOff;
  const guess = off === null ? Math.exp(normal(random, 0, population.startGuessSd)) : random() < 0.5 ? 1 + off : 1 - off;
  return {
    rack,
    loadsKg,
    sessionsPerWeek: pick(random, [
      [1, 0.15],
      [2, 0.6],
      [3, 0.25],
    ]),
    oneRepMaxKg,
    ...shape,
    bodyLoadKg: SQUAT_SHARE * massKg,
    gainPerWeek: novice ? uniform(random, 0.01, 0.02) : uniform(random, 0.003, 0.005),
    dropPerSet: Math.max(0, normal(random, 0.015, 0.006)),
    bias: normal(random, population.bias.mean, population.bias.sd),
    startLoadKg: idealKg * guess,
  };
};
