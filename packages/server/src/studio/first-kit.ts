import { startKit } from '@drubo/core';
import type { KitPlace, MassUnit } from '@drubo/core/vocabulary';
import type { KitRow } from '../db/models';

/** A kit as it begins, as a row: what such a place usually has, to be made true by the trainer. */
export const firstKit = (id: string, name: string, place: KitPlace, unit: MassUnit): Omit<KitRow, 'studioId'> => {
  const { pieces, machines, gear, items, ...room } = startKit(place, unit);
  return {
    id,
    version: 1,
    personId: null,
    name,
    pieces: [...pieces],
    machines: [...machines],
    gear: [...gear],
    items: [...items],
    ...room,
  };
};
