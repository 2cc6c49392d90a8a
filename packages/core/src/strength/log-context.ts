import type { Tempo } from '../vocabulary';
import { partSeconds } from '../vocabulary';
import type { ContextOffset } from './estimator/types';

/**
 * What a slower tempo costs, in log load, by seconds a rep. House offsets until learned: a plain rep costs nothing,
 * 3-1-1-0 about 5 %, 3-0-3-3 about 20 %; straight lines between.
 */
const TEMPO_COST = [
  { seconds: 4, cost: 0 },
  { seconds: 5, cost: 0.05 },
  { seconds: 9, cost: 0.2 },
  { seconds: 13, cost: 0.3 },
] as const;
/** Variance a different context adds: its offset is a guess. */
const OFFSET_SD = 0.05;

const secondsOf = ({ lowering, bottom, lifting, top }: Tempo): number =>
  partSeconds(lowering) + partSeconds(bottom) + partSeconds(lifting) + partSeconds(top);

/** Log load a tempo costs against a plain one. */
export const tempoCost = (tempo: Tempo): number => {
  const seconds = secondsOf(tempo);
  const last = TEMPO_COST[TEMPO_COST.length - 1];
  let before: { seconds: number; cost: number } = TEMPO_COST[0];
  if (seconds <= before.seconds) return 0;
  for (const at of TEMPO_COST) {
    if (seconds <= at.seconds) {
      const share = at.seconds === before.seconds ? 0 : (seconds - before.seconds) / (at.seconds - before.seconds);
      return before.cost + share * (at.cost - before.cost);
    }
    before = at;
  }
  return last?.cost ?? 0;
};

/** A set's offset from the tempo it is compared with: none where they cost the same. */
export const tempoOffset = (done: Tempo, comparedWith: Tempo): ContextOffset => {
  const shift = tempoCost(comparedWith) - tempoCost(done);
  return Math.abs(shift) < 1e-9 ? { shift: 0, sd: 0 } : { shift, sd: OFFSET_SD };
};

/** Rest scales the fatigue carried into a set: twice the usual rest leaves half as much more recovered. House default. */
const REST_SCALE = { least: 0.6, most: 1.5 } as const;

/** Share of fatigue left after `restSeconds` against the rest planned; 1 where nobody measured it. */
export const fatigueScale = (restSeconds: number | null, plannedSeconds: number): number => {
  if (restSeconds === null || restSeconds <= 0 || plannedSeconds <= 0) return 1;
  return Math.min(REST_SCALE.most, Math.max(REST_SCALE.least, Math.sqrt(plannedSeconds / restSeconds)));
};
