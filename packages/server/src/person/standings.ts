import type { KeptStanding } from '@drubo/core/judging';
import type { StandingRow } from '../db/models';
import type { Scope } from '../db/scope';

/** A stored standing as the core reads it. */
export const toStanding = ({ studioId: _, personId: __, leverValues, stoodOn, stoodBy, ...row }: StandingRow): KeptStanding => ({
  ...row,
  values: leverValues,
  on: stoodOn,
  by: stoodBy,
});

/** A standing as it is stored. */
export const asStandingRow = (
  { values, on, by, ...standing }: KeptStanding,
  personId: string,
): Omit<StandingRow, 'studioId'> => ({
  ...standing,
  personId,
  leverValues: values,
  stoodOn: on,
  stoodBy: by,
});

/** Where a person stands, one a ladder. */
export const standingsOf = async (scope: Scope, personId: string): Promise<KeptStanding[]> =>
  (await scope.all('standings', { personId }, { order: [['ladderId', 'ASC']] })).map(toStanding);

/** Keeps where a person stands now in place of what stood on the same ladders. */
export const keepStandings = async (scope: Scope, personId: string, standings: readonly KeptStanding[]): Promise<void> => {
  for (const standing of standings) await scope.upsert('standings', asStandingRow(standing, personId));
};
