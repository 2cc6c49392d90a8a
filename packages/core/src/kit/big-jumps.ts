import type { Load } from './types';

/** A step between two loads of a kit that is more than the trade likes to take at once. */
export interface BigJump {
  fromKg: number;
  toKg: number;
  percent: number;
}

/** From this rise in external load, in percent, a step is called big. Published 2–10 %: ACSM 2009, from memory. */
export const BIG_JUMP_PERCENT = 10;

/**
 * Steps of a list of loads, lightest first, that are bigger than ten percent. From nothing there is no percentage.
 * @example bigJumps(loadsFor(kit, 'goblet', { unloadedToo: false })) // 12 → 16 kg is 33 %
 */
export const bigJumps = (loads: readonly Load[]): BigJump[] =>
  loads.slice(1).flatMap(({ externalKg: toKg }, at) => {
    const fromKg = loads[at]?.externalKg ?? 0;
    const percent = fromKg > 0 ? Math.round(((toKg - fromKg) / fromKg) * 100) : 0;
    return percent > BIG_JUMP_PERCENT ? [{ fromKg, toKg, percent }] : [];
  });
