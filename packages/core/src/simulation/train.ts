import { heavyTailed, normal, pick } from './random';
import type { Random } from './random';
import { repsToFailure } from './person';
import type { SimulatedPerson } from './person';
import type { Population } from './population';

/** Where a simulated person is: log strength, its earlier peak, fatigue carried over, and the clock in days. */
export interface SimulatedBody {
  day: number;
  log1rm: number;
  peak: number;
  fatigue: number;
  readiness: number;
  /** Weeks of training so far, for a novice's fading gain. */
  weeks: number;
}

/** What came of a set: what was logged, and the truth behind it. */
export interface SimulatedSet {
  reps: number;
  failed: boolean;
  reserve: number | null;
  /** True reps to failure, real-valued, before the set began. */
  toFailure: number;
}

const NOVICE_WEEKS = 16;
const FATIGUE_PER_SET = 0.004;
const FATIGUE_DAYS = 3;
const LAY_OFF = { chance: 0.03, days: { low: 14, high: 21 }, loss: { low: 0.03, high: 0.05 } };

/** The body on the first day. */
export const firstDay = (random: Random, person: SimulatedPerson, population: Population): SimulatedBody => ({
  day: 0,
  log1rm: Math.log(person.oneRepMaxKg),
  peak: Math.log(person.oneRepMaxKg),
  fatigue: 0,
  readiness: drawReadiness(random, population, 0),
  weeks: 0,
});

/** A day's readiness; part of it may carry over from the last training day. Bad days come on top. */
const drawReadiness = (random: Random, population: Population, last: number): number => {
  const { readinessSd, dayCorrelation, badDay } = population;
  const usual = dayCorrelation * last + Math.sqrt(1 - dayCorrelation ** 2) * normal(random, 0, readinessSd);
  return usual - (random() < badDay.chance ? badDay.drop : 0);
};

/** Days to the next session: the week's rhythm, now and then a lay-off. */
const gapDays = (random: Random, { sessionsPerWeek }: SimulatedPerson, session: number): { days: number; layOff: boolean } => {
  const rhythm = { 1: [7], 2: [3, 4], 3: [2, 2, 3] }[sessionsPerWeek];
  const usual = rhythm[session % rhythm.length] ?? 7;
  if (random() >= LAY_OFF.chance) return { days: usual, layOff: false };
  return { days: pick(random, daysOfLayOff), layOff: true };
};

const daysOfLayOff = Array.from(
  { length: LAY_OFF.days.high - LAY_OFF.days.low + 1 },
  (_, i) => [LAY_OFF.days.low + i, 1] as const,
);

/** The body on its next training day: gain, or what a lay-off took; fatigue fades within days. */
export const nextDay = (
  random: Random,
  person: SimulatedPerson,
  body: SimulatedBody,
  population: Population,
  session: number,
): SimulatedBody => {
  const { days, layOff } = gapDays(random, person, session);
  const weeks = days / 7;
  const fading = person.novice ? Math.exp(-body.weeks / NOVICE_WEEKS) : 1;
  const back = body.log1rm < body.peak - 1e-9 ? 2 : 1;
  const { low, high } = LAY_OFF.loss;
  const change = layOff ? -(low + (high - low) * random()) : person.gainPerWeek * fading * back * weeks;
  const log1rm = body.log1rm + change;
  return {
    day: body.day + days,
    log1rm,
    peak: Math.max(body.peak, log1rm),
    fatigue: body.fatigue * Math.exp(-days / FATIGUE_DAYS),
    readiness: drawReadiness(random, population, body.readiness),
    weeks: body.weeks + weeks,
  };
};

/** Real reps to failure now, after `earlier` sets today. */
export const trueReps = (person: SimulatedPerson, body: SimulatedBody, loadKg: number, earlier: number): number => {
  const now = Math.exp(body.log1rm + body.readiness - body.fatigue - person.dropPerSet * earlier);
  return repsToFailure(person, now, loadKg);
};

/** Lifts one set and reports it. */
export const liftSet = (
  random: Random,
  person: SimulatedPerson,
  body: SimulatedBody,
  population: Population,
  asked: { loadKg: number; reps: number; earlier: number; reserveCap: number },
): SimulatedSet => {
  const toFailure = trueReps(person, body, asked.loadKg, asked.earlier) + normal(random, 0, population.setNoiseReps);
  const able = Math.max(0, Math.floor(toFailure));
  const failed = able < asked.reps;
  const reps = Math.min(able, asked.reps);
  const silent = random() < population.missingReports;
  return {
    reps,
    failed,
    reserve: silent || failed ? null : report(random, person, population, toFailure - reps, asked.reserveCap),
    toFailure,
  };
};

/** What is said of `left` reps left: less the bias, off by more the farther from failure, in whole numbers to the cap. */
const report = (random: Random, person: SimulatedPerson, population: Population, left: number, cap: number): number => {
  if (population.alwaysSays !== null) return Math.min(cap, population.alwaysSays);
  const sd = Math.min(2, 0.35 + 0.22 * Math.max(0, left));
  const noise = population.reportTails === null ? normal(random, 0, 1) : heavyTailed(random, population.reportTails);
  const said = left - person.bias * (1 - Math.exp(-Math.max(0, left) / 2)) + sd * noise;
  return Math.min(cap, Math.max(0, Math.round(said)));
};

/** The body after a set: a little fatigue that stays for days. */
export const afterSet = (body: SimulatedBody): SimulatedBody => ({ ...body, fatigue: body.fatigue + FATIGUE_PER_SET });
