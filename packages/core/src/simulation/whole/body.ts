import type { Variation } from '../../catalogue';
import { normal } from '../random';
import type { Random } from '../random';
import type { Family } from '../../vocabulary';
import { capabilityIn } from './truth';
import type { Capability } from './truth';
import type { WholePerson } from './person';

/** A simulated body: what it can do in each movement, how it gains and loses, and how it is today. */
export interface WholeBody {
  /** Log strength by family over that of the first day; the best it ever was. */
  gained: Map<Family, { now: number; peak: number; lastDay: number }>;
  readiness: number;
  /** A factor of this person in this movement, drawn when it is first met; family members share part of it. */
  own: Map<string, number>;
  families: Map<Family, number>;
  reps: number;
  weeks: number;
}

/** Spread between families and between the movements of one, log. House defaults: strengths go together, not wholly. */
const SPREAD = { family: 0.1, movement: 0.08, reps: 0.2 } as const;
const GAIN = { novice: 0.012, trained: 0.0035, noviceWeeks: 16, fromDaysAway: 12, lossPerDay: 0.002, lossMost: 0.2 } as const;
const READINESS = { sd: 0.03, badDay: { chance: 0.05, drop: 0.08 } } as const;

export const newBody = (random: Random): WholeBody => ({
  gained: new Map(),
  readiness: 0,
  own: new Map(),
  families: new Map(),
  reps: Math.exp(normal(random, 0, SPREAD.reps)),
  weeks: 0,
});

/** The body on a day: readiness drawn anew. */
export const newDay = (random: Random, body: WholeBody): void => {
  body.readiness = normal(random, 0, READINESS.sd) - (random() < READINESS.badDay.chance ? READINESS.badDay.drop : 0);
};

const drawn = <K>(map: Map<K, number>, key: K, make: () => number): number => {
  const known = map.get(key) ?? make();
  map.set(key, known);
  return known;
};

/** A family was trained: what came since the last time is gained, or lost after long away. */
export const trained = (body: WholeBody, { trainingAge }: WholePerson, family: Family, day: number, week: number): void => {
  const known = body.gained.get(family) ?? { now: 0, peak: 0, lastDay: day };
  const days = day - known.lastDay;
  const rate = trainingAge === 'novice' ? GAIN.novice * Math.exp(-week / GAIN.noviceWeeks) : GAIN.trained;
  const back = known.now < known.peak - 1e-9 ? 2 : 1;
  const change =
    days > GAIN.fromDaysAway ? -Math.min(GAIN.lossMost, GAIN.lossPerDay * days) : (rate * back * Math.min(days, 10)) / 7;
  const now = known.now + change;
  body.gained.set(family, { now, peak: Math.max(known.peak, now), lastDay: day });
};

/** What the body can do in a movement today, before any set. */
export const capabilityToday = (random: Random, body: WholeBody, person: WholePerson, variation: Variation): Capability => {
  const family = drawn(body.families, variation.family, () => Math.exp(normal(random, 0, SPREAD.family)));
  const own = drawn(body.own, variation.id, () => Math.exp(normal(random, 0, SPREAD.movement)));
  const gained = body.gained.get(variation.family)?.now ?? 0;
  const usual = capabilityIn(variation, person.massKg, person.strength, family * own);
  return {
    ...usual,
    mostKg: usual.mostKg * Math.exp(gained + body.readiness),
    repsFactor: usual.repsFactor * body.reps,
  };
};
