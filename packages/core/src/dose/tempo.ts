import { partSeconds } from '../vocabulary';
import type { Tempo } from '../vocabulary';

/** The order phases come in, for a rep that begins tall and for one that begins low. */
const ORDER = {
  top: ['lowering', 'bottom', 'lifting', 'top'],
  bottom: ['lifting', 'top', 'lowering', 'bottom'],
} as const;

export type TempoPhase = keyof Tempo;

/**
 * Seconds one rep takes.
 * @example secondsPerRep({ lowering: 3, bottom: 1, lifting: 'x', top: 0 }) // 5
 */
export const secondsPerRep = (tempo: Tempo): number =>
  partSeconds(tempo.lowering) + partSeconds(tempo.bottom) + partSeconds(tempo.lifting) + partSeconds(tempo.top);

/** Whether somebody can move at a tempo: lowering and lifting take a second at least between them. */
export const isPossibleTempo = ({ lowering, lifting }: Tempo): boolean => partSeconds(lowering) + partSeconds(lifting) > 0;

/** The tempo itself where it is possible, else the nearest: a second each way. */
export const nearestTempo = (tempo: Tempo): Tempo => (isPossibleTempo(tempo) ? tempo : { ...tempo, lowering: 1, lifting: 1 });

/**
 * Tempo as the trade writes it: lowering–bottom–lifting–top.
 * @example formatTempo({ lowering: 3, bottom: 1, lifting: 1, top: 0 }) // '3-1-1-0'
 */
export const formatTempo = (tempo: Tempo): string => [tempo.lowering, tempo.bottom, tempo.lifting, tempo.top].join('-');

/** Where a set stands in its tempo. `depth` is 0 tall, 1 low; `second` counts from 1 within the phase. */
export interface TempoMoment {
  rep: number;
  phase: TempoPhase;
  second: number;
  phaseSeconds: number;
  depth: number;
}

/**
 * Where the lifter should be `seconds` into a set. Reps count from 1 and go on past the planned number.
 * A tempo of no seconds at all stays at the start of rep 1.
 * @example tempoAt({ lowering: 3, bottom: 1, lifting: 1, top: 0 }, 'top', 1.5) // lowering, second 2, half way down
 */
export const tempoAt = (tempo: Tempo, startsAt: 'top' | 'bottom', seconds: number): TempoMoment => {
  const repSeconds = secondsPerRep(tempo);
  const order = ORDER[startsAt];
  if (repSeconds === 0) return { rep: 1, phase: order[0], second: 1, phaseSeconds: 0, depth: startsAt === 'top' ? 0 : 1 };
  const rep = Math.floor(seconds / repSeconds);
  let into = seconds - rep * repSeconds;
  for (const phase of order) {
    const phaseSeconds = partSeconds(tempo[phase]);
    if (into < phaseSeconds) {
      const share = into / phaseSeconds;
      return { rep: rep + 1, phase, second: Math.floor(into) + 1, phaseSeconds, depth: depthIn(phase, share) };
    }
    into -= phaseSeconds;
  }
  return { rep: rep + 2, phase: order[0], second: 1, phaseSeconds: partSeconds(tempo[order[0]]), depth: depthIn(order[0], 0) };
};

const depthIn = (phase: TempoPhase, share: number): number => ({ lowering: share, bottom: 1, lifting: 1 - share, top: 0 })[phase];
