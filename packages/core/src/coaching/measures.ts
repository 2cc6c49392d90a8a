import { findVariation } from '../catalogue';
import { remediesFor, valueAt } from '../catalogue/knowledge';
import type { AidId, Remedy } from '../catalogue/knowledge';
import { positionOf } from '../dose';
import { nextDown } from '../kit';
import { settingsKept } from '../progression';
import { accessTo, openPlaces } from '../selection';
import { reason } from '../vocabulary';
import type { FaultId, KitItem, Reason } from '../vocabulary';
import type { AdviceInput } from './types';

const whatOf = (remedy: Remedy): { what: string; way: string } => {
  switch (remedy.kind) {
    case 'lever':
      return { what: remedy.lever, way: remedy.way };
    case 'load-position':
      return { what: remedy.to, way: '' };
    case 'aid':
      return { what: remedy.aid, way: '' };
    case 'variation':
      return { what: remedy.variationId, way: '' };
  }
};

/** What an aid needs in the room; nothing: it is words, or always there. */
const AID_NEEDS: Partial<Record<AidId, readonly KitItem[]>> = {
  wedge: ['small-plates', 'book'],
  'band-above-knees': ['band'],
  'band-to-push-on': ['band'],
  straps: ['strap'],
  pillow: ['cushion', 'pad'],
  'wall-near': ['wall'],
};

const hasOneOf = (room: ReadonlySet<KitItem> | null, items: readonly KitItem[]): boolean =>
  room === null || items.some((item) => room.has(item));

/** Whether a setting can still move that way: a slower tempo is a notch up its scale, everything easier a notch down. */
const canMove = ({ variation, values, context }: AdviceInput, remedy: Extract<Remedy, { kind: 'lever' }>): boolean => {
  const scale = variation.levers.find(({ lever }) => lever === remedy.lever);
  if (!scale) return false;
  const at = scale.steps.indexOf(valueAt(scale, values));
  const isUp = remedy.way === 'slower' || remedy.way === 'longer' || remedy.way === 'wider';
  if (remedy.way === 'easier' && !scale.ordered) return false;
  if (isUp && settingsKept(variation, context)[remedy.lever] !== undefined) return false;
  return isUp ? at < scale.steps.length - 1 : at > 0;
};

/** Whether a measure can be carried out on this movement, with this kit, by this person, now. */
const isPossible = (input: AdviceInput, remedy: Remedy): boolean => {
  const { variation, context, loads, today, dose, values } = input;
  switch (remedy.kind) {
    case 'lever':
      return canMove(input, remedy);
    case 'load-position':
      // A place of its own is a setting; else another movement, and only one that is a step from this one.
      if (openPlaces(variation, context).includes(remedy.to)) return positionOf(variation, values) !== remedy.to;
      return variation.siblings.some(({ lever, variationId }) => {
        const other = findVariation(context.catalogue, variationId);
        const isHeldSo = lever === 'load-position' && other?.loadPositions.includes(remedy.to);
        return isHeldSo === true && other !== undefined && accessTo(other, context).state !== 'locked';
      });
    case 'aid':
      return remedy.aid === 'lighter'
        ? nextDown(loads, today.at(-1)?.externalKg ?? dose.load.externalKg) !== undefined
        : hasOneOf(context.room, AID_NEEDS[remedy.aid] ?? []) || AID_NEEDS[remedy.aid] === undefined;
    case 'variation': {
      const other = findVariation(context.catalogue, remedy.variationId);
      return other?.family === variation.family && accessTo(other, context).state !== 'locked';
    }
  }
};

/** The first measure against a fault that can be carried out on this movement here; null where there is none. */
export const measureFor = (input: AdviceInput, faultId: FaultId): Reason | null => {
  const remedy = remediesFor(input.variation, faultId).find((one) => isPossible(input, one));
  return remedy ? reason('advice-measure', { faultId, measure: remedy.kind, ...whatOf(remedy) }, 'common-practice') : null;
};
