import { EMPTY_INTAKE } from '@drubo/contracts';
import type { IntakeDto } from '@drubo/contracts';
import type { Scope } from '../db/scope';

/** What was asked of a person so far; nothing, where nobody asked. */
export const intakeOf = async (scope: Scope, personId: string): Promise<IntakeDto> => ({
  ...EMPTY_INTAKE,
  ...(await scope.one('intakes', { personId }))?.fields,
});
