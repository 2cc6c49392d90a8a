import type { LeverId, LeverValue, LeverValues } from '../vocabulary';
import type { Catalogue } from './catalogue';
import { findVariation } from './catalogue';
import { rungsOf, neighbours } from './lookups';
import type { LeverScale, Variation } from './types';

/** One change that makes a movement easier or harder. */
export type Notch =
  | { kind: 'lever'; lever: LeverId; unit: LeverScale['unit']; from: LeverValue; to: LeverValue }
  | { kind: 'variation'; by: 'base' | 'load-position' | 'surface' | 'support' | 'range'; variationId: string }
  | { kind: 'rung'; ladderId: string; rungId: string; variationId: string; values: LeverValues };

/** The notch a lever stands on: the value given, else the variation's usual one. */
export const valueAt = (scale: LeverScale, values: LeverValues): LeverValue => {
  const given = values[scale.lever];
  return given === undefined ? (scale.steps[scale.usual] ?? null) : given;
};

/** Values that don't fit a variation: a lever it lacks, or a notch off the scale. */
export interface OffScale {
  lever: LeverId;
  value: LeverValue;
  reason: 'no-such-lever' | 'off-the-scale';
}

/** Checks lever values against a variation's scales; a load position may also be any the variation allows. */
export const checkValues = (variation: Variation, values: LeverValues): OffScale[] =>
  (Object.entries(values) as [LeverId, LeverValue][]).flatMap(([lever, value]): OffScale[] => {
    if (lever === 'load-position') {
      return variation.loadPositions.some((position) => position === value) || (value === 'none' && variation.unloadedAllowed)
        ? []
        : [{ lever, value, reason: 'off-the-scale' }];
    }
    const scale = variation.levers.find((candidate) => candidate.lever === lever);
    if (!scale) return [{ lever, value, reason: 'no-such-lever' }];
    return scale.steps.includes(value) ? [] : [{ lever, value, reason: 'off-the-scale' }];
  });

/**
 * Every single change that makes a variation one notch easier or harder at its lever values: its own ordered levers
 * first, then siblings (another base, load position …), then the neighbouring rungs of its ladders. Levers that only
 * move the emphasis never appear. Throws on values off the scale: edges check them with `checkValues`.
 * @example oneNotch(catalogue, gobletSquat, { 'heel-lift': 12 }, 'harder')
 */
export const oneNotch = (catalogue: Catalogue, variation: Variation, values: LeverValues, way: 'easier' | 'harder'): Notch[] => {
  const [bad] = checkValues(variation, values);
  if (bad) throw new Error(`oneNotch: ${bad.lever} ${String(bad.value)}: ${bad.reason} on ${variation.id}`);
  const step = way === 'easier' ? -1 : 1;
  const levers = variation.levers
    .filter(({ ordered }) => ordered)
    .flatMap((scale): Notch[] => {
      const from = valueAt(scale, values);
      const isFine = (at: number): boolean => scale.fine?.includes(scale.steps[at] ?? null) ?? false;
      let at = scale.steps.indexOf(from) + step;
      while (isFine(at)) at += step;
      if (at < 0 || at >= scale.steps.length) return [];
      return [{ kind: 'lever', lever: scale.lever, unit: scale.unit, from, to: scale.steps[at] ?? null }];
    });
  const siblings = variation.siblings
    .filter((sibling) => sibling.way === way && findVariation(catalogue, sibling.variationId))
    .map((sibling): Notch => ({ kind: 'variation', by: sibling.lever, variationId: sibling.variationId }));
  const known = new Set([variation.id, ...variation.siblings.map(({ variationId }) => variationId)]);
  const rungs = rungsOf(variation.id).flatMap(({ ladder, rung }) => {
    const { before, after } = neighbours(ladder, rung.id);
    return (way === 'easier' ? before : after)
      .filter((other) => !other.aside && !known.has(other.variationId) && findVariation(catalogue, other.variationId))
      .map((other): Notch => ({
        kind: 'rung',
        ladderId: ladder.id,
        rungId: other.id,
        variationId: other.variationId,
        values: other.values ?? {},
      }));
  });
  return [...levers, ...siblings, ...rungs];
};
