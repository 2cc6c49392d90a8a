import { partSeconds } from '../vocabulary';
import type { Tempo } from '../vocabulary';
import type { SensedRep } from './types';

/** How near a phase has to be to count as kept. House default: half a second, or a quarter of a long phase. */
const NEAR = { seconds: 0.5, share: 0.25 } as const;
/** A fast lift may take as long as this and still be fast. House default. */
const FAST_MOST_SECONDS = 1.5;

const near = (is: number, asked: number): boolean => Math.abs(is - asked) <= Math.max(NEAR.seconds, asked * NEAR.share) + 1e-9;

const keeps = (rep: SensedRep, tempo: Tempo): boolean =>
  near(rep.loweringSeconds, partSeconds(tempo.lowering)) &&
  near(rep.bottomSeconds, partSeconds(tempo.bottom)) &&
  (tempo.lifting === 'x' ? rep.liftingSeconds <= FAST_MOST_SECONDS : near(rep.liftingSeconds, partSeconds(tempo.lifting))) &&
  near(rep.topSeconds, partSeconds(tempo.top));

/** Share of reps that kept the tempo, 0–1; null with no reps. */
export const tempoKept = (tempo: Tempo, reps: readonly SensedRep[]): number | null =>
  reps.length === 0 ? null : reps.filter((rep) => keeps(rep, tempo)).length / reps.length;

/** Mean seconds of the four phases, to a tenth, in the order they are written; null with no reps. */
export const tempoMeasured = (reps: readonly SensedRep[]): [number, number, number, number] | null => {
  if (reps.length === 0) return null;
  const mean = (of: (rep: SensedRep) => number): number =>
    Math.round((reps.reduce((sum, rep) => sum + of(rep), 0) / reps.length) * 10) / 10;
  return [
    mean((rep) => rep.loweringSeconds),
    mean((rep) => rep.bottomSeconds),
    mean((rep) => rep.liftingSeconds),
    mean((rep) => rep.topSeconds),
  ];
};

/** Whether measured phases, as a set record carries them, kept a tempo. Null where nothing was measured. */
export const keptOnAverage = (tempo: Tempo, measured: readonly number[] | null): boolean | null => {
  if (measured?.length !== 4) return null;
  const [loweringSeconds = 0, bottomSeconds = 0, liftingSeconds = 0, topSeconds = 0] = measured;
  return keeps({ index: 1, loweringSeconds, bottomSeconds, liftingSeconds, topSeconds, meanSpeedMps: 1 }, tempo);
};

/**
 * How much slower the last rep was than the quickest, as a share: (fastest − last) ÷ fastest. Null below two reps.
 * Source: velocity loss within a set, Sánchez-Medina & González-Badillo 2011, from memory.
 * @example slowDown([{ meanSpeedMps: 0.8 }, { meanSpeedMps: 0.6 }]) // 0.25
 */
export const slowDown = (reps: readonly Pick<SensedRep, 'meanSpeedMps'>[]): number | null => {
  const last = reps.at(-1);
  if (!last || reps.length < 2) return null;
  const fastest = Math.max(...reps.map(({ meanSpeedMps }) => meanSpeedMps));
  return (fastest - last.meanSpeedMps) / fastest;
};
