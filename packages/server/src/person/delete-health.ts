import { EMPTY_INTAKE, HEALTH_FIELDS, HEALTH_KINDS } from '@drubo/contracts';
import type { PersonId, Reason } from '@drubo/core/vocabulary';
import { deleteHealthRows } from '../db/queries/withdraw';
import type { Scope } from '../db/scope';
import { intakeOf } from './intake-of';

/** Deletes what was kept of somebody's health with their consent, and the consent. What they trained stays. */
export const deleteHealth = async (scope: Scope, personId: PersonId, at: string): Promise<void> => {
  const { fields } = await intakeOf(scope, personId);
  const empty = Object.fromEntries(HEALTH_FIELDS.map((name) => [name, EMPTY_INTAKE[name]]));
  await scope.upsert('intakes', { personId, fields: { ...fields, ...empty, consentOn: null }, savedAt: at });
  await deleteHealthRows(scope, personId, HEALTH_KINDS, at);
  await forgetSigns(scope, personId);
};

/** Why a week was made lighter may say how somebody slept or hurt: the week stays, the sign goes. */
const forgetSigns = async (scope: Scope, personId: PersonId): Promise<void> => {
  const isSign = ({ code }: Reason): boolean => code === 'lighter-sleep' || code === 'lighter-pain';
  for (const { revision, plan } of await scope.all('planRevisions', { personId })) {
    if (!plan?.block.weeks.some(({ why }) => why.some(isSign))) continue;
    const weeks = plan.block.weeks.map((week) => ({ ...week, why: week.why.filter((one) => !isSign(one)) }));
    await scope.update('planRevisions', { plan: { ...plan, block: { ...plan.block, weeks } } }, { personId, revision });
  }
};
