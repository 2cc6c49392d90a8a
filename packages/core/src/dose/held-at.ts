import { snapDown } from '../kit';
import type { Load } from '../kit';
import { placeCost } from '../strength';
import type { Dose } from './types';

/** External kg that is as hard as a load where `loads` are held; the same at the same place, or where nothing is held. */
export const kgHeldAt = ({ position, externalKg }: Load, loads: readonly Load[]): number => {
  const to = loads.find((one) => one.position !== 'none')?.position;
  return to === undefined || position === 'none' ? externalKg : externalKg * Math.exp(-placeCost(to, position));
};

/**
 * A dose with its weight held at another place, of whose loads `loads` are: as heavy as the place makes it as hard, the nearest
 * below; with nothing that light the lightest there is. With nothing held it stays with nothing held, where that can be.
 */
export const doseHeldAt = (dose: Dose, loads: readonly Load[]): Dose => {
  const { load } = dose;
  const held = loads.filter(({ externalKg }) => externalKg > 0);
  const bare = loads.find(({ externalKg }) => externalKg === 0);
  if (held.length === 0 || (load.externalKg === 0 && bare)) return { ...dose, load: bare ?? load };
  return { ...dose, load: snapDown(held, kgHeldAt(load, loads)) ?? held[0] ?? load };
};
