import type { PersonId } from '@drubo/core/vocabulary';
import type { PersonRecordDto } from '@drubo/contracts';
import { toRecord } from '../mappers/rows';
import type { PersonRecordRow } from '../models';
import type { Scope } from '../scope';

/** Every revision of everything kept about a person, oldest first. */
export const recordRevisions = (scope: Scope, where: { personId: PersonId } | { id: string }): Promise<PersonRecordRow[]> =>
  scope.all('personRecords', where, {
    order: [
      ['savedAt', 'ASC'],
      ['revision', 'ASC'],
    ],
  });

/** The newest revision of each record that wasn't taken away, in the order they were first made. */
export const currentRecords = async (scope: Scope, personId: PersonId): Promise<PersonRecordDto[]> => {
  const rows = await scope.all('currentPersonRecords', { personId }, { order: [['firstSavedAt', 'ASC']] });
  return rows.map(({ firstSavedAt: _, ...row }) => toRecord(row));
};
