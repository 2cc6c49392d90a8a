import { findVariation } from '../../catalogue';
import type { Ladder, Rung } from '../../catalogue';
import { neighbours, rungsOf } from '../../catalogue/knowledge';
import { accessTo } from '../../selection';
import type { Load } from '../../kit';
import { reason } from '../../vocabulary';
import type { LeverValue, LeverValues, Reason } from '../../vocabulary';
import type { JudgeContext } from '../types';

/** The rung a movement at its settings stands on: the one whose own settings it has, the main ways first. */
export const rungAt = (variationId: string, values: LeverValues, isLoaded = false): { ladder: Ladder; rung: Rung } | null => {
  const rungs = rungsOf(variationId).filter(({ rung }) => !rung.aside);
  // A rung with a weight at the sides is one with a weight, wherever this kit has it held.
  const fits = ({ rung }: { rung: Rung }): boolean =>
    (Object.entries(rung.values ?? {}) as [keyof LeverValues, LeverValue][]).every(
      ([lever, value]) => values[lever] === value || (lever === 'load-position' && isLoaded),
    );
  const fitting = rungs.filter(fits);
  // A rung that asks for settings says more than one that asks for none.
  const most = (found: { rung: Rung }) => Object.keys(found.rung.values ?? {}).length;
  return [...fitting].sort((a, b) => most(b) - most(a))[0] ?? rungs[0] ?? null;
};

/** The rung of a movement as it is trained: with a weight, the rung that has one. */
export const rungOf = (
  variationId: string,
  values: LeverValues,
  load: Pick<Load, 'externalKg'> | undefined,
): { ladder: Ladder; rung: Rung } | null => rungAt(variationId, values, (load?.externalKg ?? 0) > 0);

/**
 * The rungs a met gate leads to. One that only lacks its kit is passed, to those after it that do not build on it; one that a
 * limit, a clearance or safety locks is said, and nothing beyond it is reached that way.
 */
export const nextRungs = (
  ladder: Ladder,
  rung: Rung,
  context: Pick<JudgeContext, 'catalogue' | 'kit' | 'room' | 'limits' | 'safety'>,
): { open: Rung[]; reasons: Reason[] } => {
  const open: Rung[] = [];
  const reasons: Reason[] = [];
  const seen = new Set<string>();
  const missing = new Set<string>();
  const walk = (from: Rung): void => {
    for (const next of neighbours(ladder, from.id).after) {
      if (next.aside || seen.has(next.id)) continue;
      seen.add(next.id);
      const variation = findVariation(context.catalogue, next.variationId);
      if (!variation) continue;
      const { state, isKit } = accessTo(variation, context);
      const buildsOn = variation.prerequisites.find((id) => missing.has(id));
      if (state !== 'locked' && buildsOn) {
        reasons.push(reason('rung-unearned', { variationId: next.variationId, buildsOn }, 'common-practice'));
      } else if (state !== 'locked') open.push(next);
      else if (isKit) {
        missing.add(next.variationId);
        reasons.push(reason('rung-bypassed', { variationId: next.variationId, why: 'kit' }, 'common-practice'));
        walk(next);
      } else reasons.push(reason('rung-locked', { variationId: next.variationId }, 'common-practice'));
    }
  };
  walk(rung);
  return { open, reasons };
};
