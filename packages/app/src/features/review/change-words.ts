import type { DecisionDto } from '@drubo/contracts';
import type { Dose } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { formatAim, formatLoad, formatSets } from '@drubo/core/explain';
import { LEVER_WORDS } from '@drubo/core/movement-words';
import type { LeverId, LeverValues } from '@drubo/core/vocabulary';
import { settingsLine } from '../sheet/settings-line';

const DOSE_WORDS = { load: 'load changes', reps: 'reps change', sets: 'sets change', reserve: 'reserve changes' } as const;

/** The one thing that changes, in words. */
export const changeWords = (change: DecisionDto['change']): string => {
  if (!change) return 'nothing changes';
  const { lever } = change;
  if (lever === 'variation') return 'the exercise changes';
  return lever in DOSE_WORDS
    ? DOSE_WORDS[lever as keyof typeof DOSE_WORDS]
    : `${LEVER_WORDS[lever as LeverId].label.toLowerCase()} changes`;
};

/** A dose, and where they differ the movement and its settings, on one line. */
export const shortOutcome = (
  { dose, variationId, values }: { dose: Dose; variationId?: string | undefined; values?: LeverValues | undefined },
  own: Variation,
): string => {
  const variation = (variationId && findVariation(builtInCatalogue, variationId)) || own;
  const name = variation.id === own.id ? null : variation.name;
  const settings = values ? settingsLine(variation, values) : null;
  return [name, formatLoad(dose.load), `${formatSets(dose, variation.stance)}${formatAim(dose)}`, settings]
    .filter(Boolean)
    .join(' · ');
};
