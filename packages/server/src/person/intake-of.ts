import type { PersonId } from '@drubo/core/vocabulary';
import { EMPTY_INTAKE } from '@drubo/contracts';
import type { IntakeDto } from '@drubo/contracts';
import type { Scope } from '../db/scope';

/** What was asked of a person so far, and when that was last saved: null where nobody asked. */
export interface KeptIntake {
  fields: IntakeDto;
  savedAt: string | null;
}

export const intakeOf = async (scope: Scope, personId: PersonId): Promise<KeptIntake> => {
  const row = await scope.one('intakes', { personId });
  return { fields: { ...EMPTY_INTAKE, ...row?.fields }, savedAt: row?.savedAt ?? null };
};
