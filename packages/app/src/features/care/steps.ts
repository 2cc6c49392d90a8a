import { recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { READINESS } from '@drubo/core/vocabulary';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.steps;

/** The steps of a first visit, in order. Any may be skipped and come back to. */
export const STEPS = [
  { id: 'training', title: words.training },
  { id: 'places', title: words.placesAndKit },
  { id: 'health', title: words.health },
  { id: 'limits', title: words.limits },
  { id: 'watch', title: words.watchThemMove },
  { id: 'sheet', title: words.firstSheet },
] as const;
export type StepId = (typeof STEPS)[number]['id'];

/** What is still open of each step, in words; null where it is done. */
export const openIn = ({ intake, records }: PersonDetailDto): Record<StepId, string | null> => {
  const notAsked = READINESS.filter((id) => intake.answers[id] === undefined).length;
  const screenings = recordsOf(records, 'screening');
  return {
    training: intake.daysPerWeek === null ? words.daysAWeekNot : null,
    places: intake.places.length === 0 ? words.notSaidWhereThey : null,
    health: intake.consentOn === null ? words.consentNotAsked : notAsked > 0 ? words.questionNotAsked(notAsked) : null,
    limits: null,
    watch: screenings.some(({ fields }) => fields.done)
      ? null
      : screenings.length > 0
        ? words.begunNotFinished
        : words.notWatchedYet,
    sheet: null,
  };
};

/** The step to go on with: the first that is open, else the last. */
export const nextOpen = (detail: PersonDetailDto): StepId => {
  const open = openIn(detail);
  return STEPS.find(({ id }) => open[id] !== null)?.id ?? 'sheet';
};
