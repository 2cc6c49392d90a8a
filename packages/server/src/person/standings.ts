import type { PersonId } from '@drubo/core/vocabulary';
import type { KeptStanding } from '@drubo/core/judging';
import { toStanding } from '../db/mappers/rows';
import type { Scope } from '../db/scope';

/** Where a person stands, one a ladder. */
export const standingsOf = async (scope: Scope, personId: PersonId): Promise<KeptStanding[]> =>
  (await scope.all('standings', { personId }, { order: [['ladderId', 'ASC']] })).map(toStanding);

/** Keeps where a person stands now in place of what stood on the same ladders. */
export const keepStandings = async (scope: Scope, personId: PersonId, standings: readonly KeptStanding[]): Promise<void> => {
  for (const standing of standings) await scope.upsert('standings', { ...standing, personId });
};
