import { recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.stillOpen;

/** What of a first visit is still open, in the fewest words; nothing once somebody trains here. */
export const stillOpen = ({ intake, records, sessions }: PersonDetailDto): string[] => {
  if (sessions.length > 0) return [];
  const isWatched = recordsOf(records, 'screening').some(({ fields }) => fields.done);
  return [
    ...(intake.places.length === 0 ? ['where'] : []),
    ...(intake.consentOn === null || Object.keys(intake.answers).length === 0 ? ['health'] : []),
    ...(isWatched ? [] : [words.watchThemMove]),
  ];
};
