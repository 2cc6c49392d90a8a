import type { KitDto } from '@drubo/contracts';
import type { MassUnit } from '@drubo/core/vocabulary';
import type { Control } from 'react-hook-form';
import { linesOf } from '../../parts/kit/kit-lines';
import type { KitLine } from '../../parts/kit/kit-lines';
import { bandLinesOf } from './band-lines';
import type { BandLine } from './band-lines';
import { gearLinesOf } from './gear-lines';
import type { GearLine } from './gear-lines';
import { machineLinesOf } from './machine-lines';
import type { MachineLine } from './machine-lines';

/** A kit as it is typed: what weighs, machines and things with a height are lines, the rest is as it is kept. */
export interface KitForm extends Pick<KitDto, 'name' | 'place' | 'items' | 'hasSafeties' | 'hasCollars' | 'hasFullDiscs'> {
  weights: KitLine[];
  machines: MachineLine[];
  gear: GearLine[];
  bands: BandLine[];
}

/** What one line of a kit needs: the form, where it stands in its list, and how it is taken away. */
export interface LineProps {
  control: Control<KitForm>;
  at: number;
  onRemove(): void;
}

/** What a list of lines calls its rows: their own id stays what it is. */
export const ROW_KEY = { keyName: 'rowKey' } as const;

/** A kit as it stands when it is opened. */
export const kitFormOf = (kit: KitDto, unit: MassUnit): KitForm => {
  const { name, place, items, hasSafeties, hasCollars, hasFullDiscs } = kit;
  return {
    name,
    place,
    items,
    hasSafeties,
    hasCollars,
    hasFullDiscs,
    weights: linesOf(kit.pieces),
    machines: machineLinesOf(kit.machines),
    gear: gearLinesOf(kit.gear, unit),
    bands: bandLinesOf(kit.gear, unit),
  };
};
