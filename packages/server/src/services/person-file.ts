import { EMPTY_INTAKE } from '@drubo/contracts';
import type { IntakeDto, PersonRecordDto } from '@drubo/contracts';
import { toRecord } from '../db/mappers/rows';
import type { PersonRecordRow } from '../db/models';
import type { Scope } from '../db/scope';

/** What was asked of a person so far; nothing, where nobody asked. */
export const intakeOf = async (scope: Scope, personId: string): Promise<IntakeDto> => ({
  ...EMPTY_INTAKE,
  ...(await scope.one('intakes', { personId }))?.fields,
});

/** Every revision of everything kept about a person, oldest first. */
export const recordRevisions = (scope: Scope, where: { personId: string } | { id: string }): Promise<PersonRecordRow[]> =>
  scope.all('personRecords', where, {
    order: [
      ['savedAt', 'ASC'],
      ['revision', 'ASC'],
    ],
  });

/** The newest revision of each record that wasn't taken away. */
export const currentRecords = async (scope: Scope, personId: string): Promise<PersonRecordDto[]> => {
  const newest = new Map<string, PersonRecordRow>();
  for (const row of await recordRevisions(scope, { personId })) {
    const known = newest.get(row.id);
    if (!known || known.revision < row.revision) newest.set(row.id, row);
  }
  return [...newest.values()].filter(({ removed }) => !removed).map(toRecord);
};
