import type { LeverValue } from '../vocabulary';
import type { BandSize, Kit } from './types';

const bandsOf = ({ gear }: Pick<Kit, 'gear'>): BandSize[] => gear.flatMap(({ band, owned }) => (band && owned > 0 ? [band] : []));

/** A place's band of a strength as it was measured; undefined: none of it was. */
export const bandOf = (kit: Pick<Kit, 'gear'>, strength: LeverValue): BandSize | undefined =>
  bandsOf(kit).find((band) => band.strength === strength);

/**
 * Whether a place has a band of a strength: where bands were measured only those are there, else whatever band the room has
 * counts for all of them.
 */
export const hasBand = (kit: Pick<Kit, 'gear'>, strength: LeverValue): boolean =>
  bandsOf(kit).length === 0 || bandOf(kit, strength) !== undefined;
