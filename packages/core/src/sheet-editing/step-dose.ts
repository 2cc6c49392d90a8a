import { isPossibleTempo, repsTop } from '../dose';
import type { Dose } from '../dose';
import { nextDown, nextUp } from '../kit';
import type { Load } from '../kit';
import type { Tempo, TempoPart } from '../vocabulary';

/** The numbers of a dose a trainer steps through. */
export const STEPPED = ['sets', 'repsLow', 'repsHigh', 'seconds', 'load', 'rest', 'reserve'] as const;
export type Stepped = (typeof STEPPED)[number];

/** Ends of each scale; the server accepts no more. */
const RANGES = { sets: [1, 12], reps: [1, 100], seconds: [5, 600], rest: [0, 900], reserve: [0, 10] } as const;
const REST_STEP_SECONDS = 15;
const HOLD_STEP_SECONDS = 5;

const within = (value: number, [low, high]: readonly [number, number]): boolean => value >= low && value <= high;

/**
 * The dose one step up or down in one number, or null at the end of its scale. Loads step along the kit; the two ends
 * of the rep range push each other; a range or load set by hand has neither extra reps nor an aim of the engine's.
 */
export const stepDose = (dose: Dose, field: Stepped, by: 1 | -1, loads: readonly Load[]): Dose | null => {
  switch (field) {
    case 'sets':
      return within(dose.sets + by, RANGES.sets) ? { ...dose, sets: dose.sets + by } : null;
    case 'repsLow': {
      const repsLow = dose.repsLow + by;
      if (!within(repsLow, RANGES.reps)) return null;
      return { ...dose, repsLow, repsHigh: Math.max(dose.repsHigh, repsLow), repsAim: undefined };
    }
    case 'repsHigh': {
      const repsHigh = repsTop(dose) + by;
      if (!within(repsHigh, RANGES.reps)) return null;
      return { ...dose, repsHigh, repsBeyond: 0, repsLow: Math.min(dose.repsLow, repsHigh), repsAim: undefined };
    }
    case 'seconds': {
      if (dose.seconds === undefined) return null;
      const seconds = dose.seconds + by * HOLD_STEP_SECONDS;
      return within(seconds, RANGES.seconds) ? { ...dose, seconds } : null;
    }
    case 'load': {
      const load = (by > 0 ? nextUp : nextDown)(loads, dose.load.externalKg);
      return load ? { ...dose, load, repsAim: undefined } : null;
    }
    case 'rest': {
      const restSeconds = dose.restSeconds + by * REST_STEP_SECONDS;
      return within(restSeconds, RANGES.rest) ? { ...dose, restSeconds } : null;
    }
    case 'reserve':
      return within(dose.reserve + by, RANGES.reserve) ? { ...dose, reserve: dose.reserve + by } : null;
  }
};

/** Slowest a phase may be set by hand, in seconds. House default; the wire takes 20. */
const SLOWEST = 10;
/** Lifting may also be fast: one step under a second. */
const SCALE: readonly TempoPart[] = [0, 'x', ...Array.from({ length: SLOWEST }, (_, at) => at + 1)];

/**
 * The tempo with one phase a step slower or faster, or null at the end. Only lifting may be fast (`x`), and something has to
 * move.
 */
export const stepTempo = (tempo: Tempo, phase: keyof Tempo, by: 1 | -1): Tempo | null => {
  const scale = phase === 'lifting' ? SCALE : SCALE.filter((part) => part !== 'x');
  const next = scale[scale.indexOf(tempo[phase]) + by];
  const stepped = next === undefined ? null : { ...tempo, [phase]: next };
  return stepped && isPossibleTempo(stepped) ? stepped : null;
};
