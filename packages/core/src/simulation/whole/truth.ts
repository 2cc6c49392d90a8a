import type { Variation } from '../../catalogue';
import { secondsPerRep } from '../../dose';
import type { Tempo } from '../../vocabulary';

/**
 * Repetitions to failure by share of what could be lifted once. Free bar squat: 60, 80 and 90 % from Shimano et al. 2006
 * (mean of trained and untrained), from memory; the ends are drawn on. Not the estimator's own curve, on purpose.
 */
const REPS_AT = [
  [0.3, 110],
  [0.4, 72],
  [0.5, 48],
  [0.6, 32.9],
  [0.7, 20.5],
  [0.8, 12],
  [0.9, 6.1],
  [1, 1],
] as const;

/** Real-valued reps at a share of the most that can be lifted once; 0 above it. */
const repsAtShare = (share: number): number => {
  const [first] = REPS_AT;
  if (share <= first[0]) return first[1];
  for (let at = 1; at < REPS_AT.length; at += 1) {
    const [to, from] = [REPS_AT[at], REPS_AT[at - 1]];
    if (!to || !from || share > to[0]) continue;
    return from[1] + ((share - from[0]) / (to[0] - from[0])) * (to[1] - from[1]);
  }
  return Math.max(0, 1 - (share - 1) * 40);
};

/** Reps of a movement beside a squat's at the same share: Hoeger et al. 1990 has leg press over and curls under it. From memory. */
const repsFactor = ({ id, family }: Variation): number => {
  if (id === 'leg-press') return 1.35;
  if (/curl|glute-ham/.test(id)) return 0.6;
  if (id === 'leg-extension') return 0.9;
  if (family === 'hinge') return 0.85;
  return 1;
};

/** The most a usual adult lifts once, external kg over body mass, by how it is held. Trade knowledge, no source. */
const usualMax = ({ id, family, stance, loadPositions, unloadedAllowed }: Variation): number => {
  const held = loadPositions[0] ?? 'none';
  const isDeepOneLeg = /one-leg-squat|skater|kneeling-one-leg-squat/.test(id);
  if (isDeepOneLeg) return 0.08;
  if (/nordic/.test(id)) return -0.12;
  if (/knee-forward-squat/.test(id)) return 0.05;
  switch (family) {
    case 'squat':
      return (
        { 'back-bar': 1.05, 'front-bar': 0.85, goblet: 0.5, rack: 0.55, zercher: 0.8, belt: 0.95, overhead: 0.35, machine: 1.9 }[
          held as string
        ] ?? (id === 'leg-extension' ? 0.7 : 0.85)
      );
    case 'lunge':
      return { goblet: 0.38, rack: 0.42, 'back-bar': 0.6, overhead: 0.2, suitcase: 0.4, 'front-bar': 0.5 }[held as string] ?? 0.5;
    case 'hinge':
      if (stance !== 'two-leg') return 0.45;
      if (/curl|glute-ham/.test(id)) return held === 'machine' ? 0.5 : 0.15;
      return (
        {
          'bar-in-hands': /romanian|stiff/.test(id) ? 0.95 : 1.35,
          'trap-bar': 1.45,
          'between-feet': 0.95,
          belly: 0.5,
          sides: 0.8,
          'back-bar': 0.55,
        }[held as string] ?? 0.8
      );
    case 'bridge':
      return stance === 'two-leg' ? (id === 'barbell-hip-thrust' ? 1.6 : 1.3) : 0.35;
    case 'step':
      return 0.45;
    case 'lateral':
      return unloadedAllowed ? 0.35 : 0.3;
    case 'calf':
      return stance === 'two-leg' ? 1.1 : 0.35;
    default:
      return 0.8;
  }
};

/** How much of the body mass that moves tells in the reps: more the less is held. True for these people, not for the estimator. */
const bodyTells = ({ loadPositions, stance, unloadedAllowed }: Variation): number => {
  if (loadPositions.every((position) => position === 'none')) return 1;
  if (stance !== 'two-leg' || unloadedAllowed) return 0.75;
  return ['back-bar', 'front-bar', 'bar-in-hands', 'trap-bar', 'machine'].includes(loadPositions[0] ?? '') ? 0.15 : 0.45;
};

/** What somebody can do in one movement: the most moved once, and the body mass that counts with it, kg. */
export interface Capability {
  mostKg: number;
  bodyKg: number;
  repsFactor: number;
}

/** What a person of this mass and strength can do in a movement. `own`: how far they are off the usual in it, as a factor. */
export const capabilityIn = (variation: Variation, massKg: number, strength: number, own: number): Capability => {
  const bodyKg = bodyTells(variation) * Math.max(variation.bodyMassShare, 0.05) * massKg;
  return {
    mostKg: Math.max(1, (usualMax(variation) * massKg + bodyKg) * strength * own),
    bodyKg,
    repsFactor: repsFactor(variation),
  };
};

/** A plain rep takes about four seconds; each second more costs so much of what can be lifted. House default. */
const SLOW = { fromSeconds: 4, perSecond: 0.022, most: 0.3 } as const;

export const slowCost = (tempo: Tempo): number =>
  Math.min(SLOW.most, SLOW.perSecond * Math.max(0, secondsPerRep(tempo) - SLOW.fromSeconds));

/** One notch harder on an ordered setting costs so much, one easier gives it. House default. */
const NOTCH = 0.04;

/** What a movement's settings make of its difficulty, as a factor on what can be lifted. */
export const settingsFactor = (variation: Variation, values: Readonly<Record<string, unknown>>): number => {
  let notches = 0;
  for (const { lever, steps, ordered, usual } of variation.levers) {
    const given = values[lever];
    if (!ordered || given === undefined || lever === 'tempo' || lever === 'top-hold') continue;
    notches +=
      Math.max(
        0,
        steps.findIndex((step) => step === given),
      ) - usual;
  }
  return Math.exp(-NOTCH * notches);
};

/** Reps to failure, real-valued, at a load. */
export const trueReps = ({ mostKg, bodyKg, repsFactor: factor }: Capability, externalKg: number): number =>
  factor * repsAtShare((externalKg + bodyKg) / mostKg);
