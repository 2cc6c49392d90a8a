import type { SensedRep } from '../sensing';
import { partSeconds } from '../vocabulary';
import type { Tempo } from '../vocabulary';
import { normal } from './random';
import type { Random } from './random';

/** What a simulated sensor sends, in order: reps, and where it goes silent and comes back. */
export type SensorEvent = { kind: 'rep'; rep: SensedRep } | { kind: 'lost' } | { kind: 'back' };

/** A set somebody does under the sensor. `toFailure`: reps there would have been. */
export interface SensedSet {
  tempo: Tempo;
  reps: number;
  toFailure: number;
}

/** Mean speed of a rep nobody could follow with another, what each rep in hand adds, and the fastest; m/s. From memory. */
const SPEED = { last: 0.3, perRep: 0.045, most: 0.9 } as const;
/** Way of the load in a squat, m; spread of a phase, s; chance that contact is lost at a rep, and for how many. House defaults. */
const WAY_M = 0.55;
const PHASE_SD = 0.18;
const LOSS = { chance: 0.05, reps: 2 } as const;

const phase = (random: Random, seconds: number): number => Math.max(0, Math.round(normal(random, seconds, PHASE_SD) * 100) / 100);

/**
 * The reps of one set as a cheap sensor would send them: near the tempo, slower upward as failure comes near, and now
 * and then out of contact for a rep or two.
 */
export const senseSet = (random: Random, { tempo, reps, toFailure }: SensedSet): SensorEvent[] => {
  const events: SensorEvent[] = [];
  let silent = 0;
  for (let index = 1; index <= reps; index += 1) {
    if (silent > 0) {
      silent -= 1;
      if (silent === 0) events.push({ kind: 'back' });
      continue;
    }
    if (index > 1 && random() < LOSS.chance) {
      silent = LOSS.reps;
      events.push({ kind: 'lost' });
      continue;
    }
    const inHand = Math.max(0, toFailure - index);
    const speed = Math.max(0.15, normal(random, Math.min(SPEED.most, SPEED.last + SPEED.perRep * inHand), 0.02));
    // A slow lift is slow on purpose; a fast one is as fast as there is strength.
    const lifting = Math.max(partSeconds(tempo.lifting) - 0.1, WAY_M / speed);
    events.push({
      kind: 'rep',
      rep: {
        index,
        loweringSeconds: phase(random, partSeconds(tempo.lowering)),
        bottomSeconds: phase(random, partSeconds(tempo.bottom)),
        liftingSeconds: Math.round(lifting * 100) / 100,
        topSeconds: phase(random, partSeconds(tempo.top)),
        meanSpeedMps: Math.round((WAY_M / lifting) * 1000) / 1000,
      },
    });
  }
  if (silent > 0) events.push({ kind: 'back' });
  return events;
};
