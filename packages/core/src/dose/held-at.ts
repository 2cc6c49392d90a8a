import { snapDown } from '../kit';
import type { Load } from '../kit';
import { placeCost } from '../strength';
import type { Dose } from './types';

/**
 * A dose with its weight held at another place, of whose loads `loads` are: as heavy as the place makes it as hard, the nearest
 * below; with nothing that light the lightest there is. With nothing held it stays with nothing held, where that can be.
 */
export const doseHeldAt = (dose: Dose, loads: readonly Load[]): Dose => {
  const { load } = dose;
  const to = loads.find(({ position }) => position !== 'none')?.position;
  if (to === undefined || (load.externalKg === 0 && loads.some(({ externalKg }) => externalKg === 0))) {
    return { ...dose, load: loads.find(({ externalKg }) => externalKg === 0) ?? load };
  }
  const wantedKg = load.externalKg * Math.exp(-(load.position === 'none' ? 0 : placeCost(to, load.position)));
  const held = loads.filter(({ externalKg }) => externalKg > 0);
  return { ...dose, load: snapDown(held, wantedKg) ?? held[0] ?? load };
};
