import { getVariation } from '../catalogue';
import { isDrillSlot } from '../vocabulary';
import type { Composed } from './arrange';
import type { SheetInput } from './types';
import { countsFor } from './weekly-table';
import type { Need } from './weekly-table';

/** The exercises of a session, drills apart. */
export const workOf = ({ items }: Composed) => items.filter(({ slot }) => !isDrillSlot(slot) && slot !== 'finisher');

/** Hard sets a session brings a need. */
export const setsFor = ({ context }: SheetInput, composed: Composed, need: Need): number =>
  workOf(composed).reduce(
    (sum, { variationId, dose }) => sum + dose.sets * countsFor(getVariation(context.catalogue, variationId), need),
    0,
  );
