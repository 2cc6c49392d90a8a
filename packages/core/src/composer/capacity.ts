import { inRange, wentRound } from '../dose';
import type { Dose } from '../dose';
import type { PastExercise } from '../progression';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import type { Ask } from './option';
import type { ShapeRule } from './shapes';
import type { PlannedItem, SheetInput } from './types';

/**
 * How capacity work goes on: a round more after so many whole circuits, then less rest after each round. Between them reps
 * and load move by the verdicts. House defaults, in the order rounds, reps or seconds, load, rest.
 */
const CIRCUITS = { firstRounds: 3, perRound: 2, restFrom: 4, perRest: 4, rests: [60, 45, 30, 15] } as const;
/** Work and rest of an interval, seconds, each for so many whole finishers; minutes they take. House defaults. */
const INTERVALS = {
  steps: [
    [20, 40],
    [30, 30],
    [40, 20],
  ],
  perStep: 4,
  minutes: { least: 6, most: 12 },
  perMinute: 2,
} as const;
/** First three weeks, and whoever is to be careful: easy effort, at least so much rest, short work. House defaults. */
const SPARED = { days: 21, restSeconds: 45, workSeconds: 20 } as const;

const isSpared = ({ context, stage }: SheetInput): boolean =>
  (context.careful ?? []).length > 0 || stage.dayOfTraining < SPARED.days;

/** Whether every set that was planned was done. */
const isWhole = ({ dose, sets }: PastExercise): boolean =>
  new Set(sets.filter(({ kind, removed }) => !removed && (kind === 'work' || kind === 'timed')).map(({ setIndex }) => setIndex))
    .size >= dose.sets;

/** Asked for once an exercise; an input is never changed, so one answer is enough. */
const counted = new WeakMap<SheetInput, number>();

/**
 * Circuits behind somebody in which every exercise was done in every round, whatever movements they were made of: a stage
 * that is left takes no round along.
 */
export const wholeCircuits = (input: SheetInput): number => {
  const known = counted.get(input);
  if (known !== undefined) return known;
  const all = input.context.catalogue.variations.flatMap(({ id }) => input.pastOf(id).filter(({ dose }) => wentRound(dose)));
  const broken = new Set(all.filter((one) => !isWhole(one)).map(({ sessionId }) => sessionId));
  const circuits = new Set(all.map(({ sessionId }) => sessionId).filter((id) => !broken.has(id))).size;
  counted.set(input, circuits);
  return circuits;
};

/** New to circuits: one lift by itself first. From the trade, no source. */
const LEAD = { sets: 2, reps: { low: 6, high: 10 } } as const;

/** Whether a circuit begins with one lift by itself, where that fits: until rounds have been earned. */
export const hasLead = (input: SheetInput, { shape }: Pick<Ask, 'shape'>): boolean =>
  shape === 'circuit' && wholeCircuits(input) < CIRCUITS.perRound;

/** A lift by itself before the rounds; whoever is to be careful keeps the reps they have. */
export const asLead = ({ context }: SheetInput, item: PlannedItem): PlannedItem => {
  const isFree = item.dose.seconds === undefined && item.dose.load.externalKg > 0 && (context.careful ?? []).length === 0;
  const ranged = isFree ? inRange(item.dose, LEAD.reps) : item.dose;
  const sets = Math.min(LEAD.sets, item.dose.sets);
  const { repsLow, repsHigh } = ranged;
  const told = reason('circuit-lead', { sets, repsLow, repsHigh }, 'common-practice');
  return {
    ...item,
    dose: { ...ranged, sets },
    why: { ...item.why, sets: [...item.why.sets, told], reps: isFree ? [told] : item.why.reps },
  };
};

/** Rounds a circuit may have for this person now, the rest after each, and why. */
export const roundsFor = (
  input: SheetInput,
  { counts }: NonNullable<ShapeRule['rounds']>,
): { counts: readonly number[]; restSeconds: number; why: Reason } => {
  const circuits = wholeCircuits(input);
  const rounds = Math.min(Math.max(...counts), CIRCUITS.firstRounds + Math.floor(circuits / CIRCUITS.perRound));
  const step = Math.floor((circuits - CIRCUITS.restFrom) / CIRCUITS.perRest);
  const earned = CIRCUITS.rests[Math.min(CIRCUITS.rests.length - 1, Math.max(0, step))] ?? CIRCUITS.rests[0];
  const restSeconds = isSpared(input) ? Math.max(SPARED.restSeconds, earned) : earned;
  return {
    counts: counts.filter((count) => count <= rounds),
    restSeconds,
    why: reason('rounds-earned', { rounds, restSeconds, circuits, isSpared: isSpared(input) }, 'house-default'),
  };
};

/** A finisher's intervals for this person now: one a minute, longer work and less rest as whole ones lie behind them. */
export const intervalsFor = (input: SheetInput, dose: Dose, past: readonly PastExercise[]): { dose: Dose; why: Reason } => {
  const finishers = past.filter(isWhole).length;
  const { steps, perStep, minutes, perMinute } = INTERVALS;
  const [work, rest] = steps[Math.min(steps.length - 1, Math.floor(finishers / perStep))] ?? steps[0];
  const isEasy = isSpared(input);
  const seconds = isEasy ? SPARED.workSeconds : work;
  const restSeconds = isEasy ? SPARED.restSeconds : rest;
  const sets = Math.min(minutes.most, minutes.least + Math.floor(finishers / perMinute));
  return {
    dose: { ...dose, sets, seconds, restSeconds },
    why: reason('intervals', { sets, seconds, restSeconds, finishers, isSpared: isEasy }, 'house-default'),
  };
};

/** Fewest intervals worth a finisher. */
export const LEAST_INTERVALS = INTERVALS.minutes.least;
