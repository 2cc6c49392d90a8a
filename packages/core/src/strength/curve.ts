import type { Variation } from '../catalogue';

/**
 * How reps fall as load rises in one movement: RTF = k((E₁ + λb)/(E + λb) − 1), with E the external load, E₁ the most of
 * it lifted once and b the body mass that moves.
 */
export interface RepCurve {
  /** λ: how much of the body mass that moves tells in the reps, 0–1. Its whole share stays for tonnage and jumps. */
  bodyTells: number;
  /** k: how many reps a given share of the maximum is worth. */
  k: number;
  /** Spread of ln k between people. */
  kSd: number;
}

/**
 * A lift nobody named: a bar. Basis: repetitions at 60, 80 and 90 % of the bar's maximum (Shimano et al. 2006) and the
 * broad meta-regression's ten at 80 % (Nuzzo et al. 2024), from memory; the fit is a house default.
 */
export const LONE_CURVE: RepCurve = { bodyTells: 0.2, k: 42, kSd: 0.22 };

/** λ by what is lifted. House defaults, fitted to the same people. */
const TELLS = { barOrMachine: 0.2, handHeld: 0.4, bodyFirst: 0.7, neverLoaded: 1 } as const;

/** k by pattern: at 80 % a leg press gives 15–19 reps, an extension 9–12, a curl 6–7 (Hoeger et al. 1990, from memory). */
const K = { legPress: 60, squat: 45, thrust: 42, hinge: 38, extension: 40, curl: 25 } as const;
const K_SD = { usual: 0.22, wide: 0.28 } as const;

const BARS = new Set(['back-bar', 'front-bar', 'zercher', 'bar-in-hands', 'trap-bar', 'machine']);

type Lift = Pick<Variation, 'id' | 'family' | 'stance' | 'loadPositions' | 'unloadedAllowed' | 'kit' | 'bodyMassShare'>;

const isThrust = ({ id, kit }: Lift): boolean =>
  /hip-thrust$/.test(id) || (id.endsWith('glute-bridge') && kit.some((need) => need.includes('barbell')));
const isCurl = ({ id, family }: Lift): boolean => family === 'hinge' && /curl$|glute-ham/.test(id);

const tellsIn = (lift: Lift): number => {
  if (lift.loadPositions.every((position) => position === 'none')) return TELLS.neverLoaded;
  if (lift.stance === 'two-leg' && isThrust(lift)) return TELLS.barOrMachine;
  if (lift.stance !== 'two-leg' || lift.unloadedAllowed) return TELLS.bodyFirst;
  return BARS.has(lift.loadPositions[0] ?? '') ? TELLS.barOrMachine : TELLS.handHeld;
};

const kIn = (lift: Lift): Pick<RepCurve, 'k' | 'kSd'> => {
  if (lift.id === 'leg-press') return { k: K.legPress, kSd: K_SD.usual };
  if (lift.id === 'leg-extension') return { k: K.extension, kSd: K_SD.usual };
  if (isCurl(lift)) return { k: K.curl, kSd: K_SD.usual };
  if (lift.family === 'bridge') return { k: K.thrust, kSd: isThrust(lift) ? K_SD.wide : K_SD.usual };
  if (lift.family === 'calf') return { k: K.thrust, kSd: K_SD.wide };
  if (lift.family === 'hinge') return { k: K.hinge, kSd: K_SD.wide };
  return { k: K.squat, kSd: K_SD.usual };
};

/**
 * The curve expected of a movement before anything is known of the person. House defaults on the published checks.
 * @example curveOf(backSquat) // { bodyTells: 0.2, k: 45, kSd: 0.22 }
 */
export const curveOf = (lift: Lift): RepCurve => ({ bodyTells: tellsIn(lift), ...kIn(lift) });
