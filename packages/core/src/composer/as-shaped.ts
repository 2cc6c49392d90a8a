import { getVariation } from '../catalogue';
import { isSameDose } from '../dose';
import type { Dose } from '../dose';
import type { SessionShape } from '../vocabulary';
import { asLead, hasLead } from './capacity';
import { inShape } from './in-shape';
import { MOBILITY_ROUNDS } from './mobility';
import { SHAPES } from './shapes';
import type { PlannedItem, SheetInput } from './types';

/**
 * A planned exercise as the shape of its session has it, where that is what was sent, so that choosing a shape is no change
 * by hand; else as it was planned. The sets may be fewer: a shape fits them to the minutes.
 */
export const asShaped = (input: SheetInput, item: PlannedItem, shape: SessionShape, sent: Dose): PlannedItem => {
  if (SHAPES[shape].drillsOnly && sent.sets <= MOBILITY_ROUNDS && isSameDose({ ...item.dose, sets: sent.sets }, sent))
    return { ...item, dose: { ...item.dose, sets: sent.sets } };
  if (!SHAPES[shape].dose) return item;
  const variation = getVariation(input.context.catalogue, item.variationId);
  const ways = [inShape(input, item, variation, shape), ...(hasLead(input, { shape }) ? [asLead(input, item)] : [])];
  const way = ways.find(({ dose }) => isSameDose({ ...dose, sets: sent.sets }, sent));
  return way ? { ...way, dose: { ...way.dose, sets: sent.sets } } : item;
};
