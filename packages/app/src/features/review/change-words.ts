import type { DecisionDto } from '@drubo/contracts';
import type { Dose } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { formatAim, formatLoad, formatSets, inSentence } from '@drubo/words/explain';
import { LEVER_WORDS } from '@drubo/words/movement-words';
import type { LeverId, LeverValues } from '@drubo/core/vocabulary';
import { settingsLine } from '../../parts/sheet/settings-line';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.changeWords;

type Changed = NonNullable<DecisionDto['change']>['lever'];

const DOSE_WORDS: Record<Exclude<Changed, LeverId | 'variation'>, string> = words.doseWords;
const isOfDose = (lever: Changed): lever is keyof typeof DOSE_WORDS => lever in DOSE_WORDS;

/** The one thing that changes, in words. */
export const changeWords = (change: DecisionDto['change']): string => {
  if (!change) return words.nothingChanges;
  const { lever } = change;
  // A stage of the same movement at other settings.
  if (lever === 'variation') return change.from === change.to ? words.itsSettingsChange : words.theExerciseChanges;
  return isOfDose(lever) ? DOSE_WORDS[lever] : words.changes(inSentence(LEVER_WORDS[lever].label));
};

/** What is said where two doses read alike: the reps aimed at may move to the top of their range, which isn't written out. */
export const sameOr = (change: DecisionDto['change']): string =>
  change?.lever === 'reps' ? words.reps(change.from, change.to) : words.theSame;

/** A dose, and where they differ the movement and its settings, on one line. */
export const shortOutcome = (
  { dose, variationId, values }: { dose: Dose; variationId?: string | undefined; values?: LeverValues | undefined },
  own: Variation,
): string => {
  const variation = (variationId && findVariation(builtInCatalogue, variationId)) || own;
  const name = variation.id === own.id ? null : variation.name;
  const settings = values ? settingsLine(variation, values, dose.load) : null;
  return [name, formatLoad(dose.load), `${formatSets(dose, variation.stance)}${formatAim(dose)}`, settings]
    .filter(Boolean)
    .join(' · ');
};
