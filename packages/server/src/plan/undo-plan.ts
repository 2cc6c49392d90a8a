import { keepPlan } from '../person/keep-plan';
import { findPersonFile } from '../person/person-file';
import { AppError } from '../shared/errors';
import { checkVersion } from '../shared/find';
import type { Operation } from '../shared/work';
import { afterChange } from './after-change';

/** Puts back what stood before the last change: an undo is a revision like others, so it can be taken back too. */
export const undoPlan: Operation<'undoPlan'> = async (work, { params, body }) => {
  const { scope, context, caller } = work;
  const file = await findPersonFile(scope, context, params.personId);
  const { version } = await file.plan();
  checkVersion(version, body.version, 'plan');
  if (version === 0) throw new AppError('not-found', `${file.person.name} has no plan.`);
  const before = await scope.one('planRevisions', { personId: file.person.id, revision: version - 1 });
  return afterChange(work, file, () => keepPlan(scope, context, caller, file, { plan: before?.plan ?? null, touched: null }));
};

/** Goes on without a plan. What was trained on it stays, and so do the tracks of its days. */
export const endPlan: Operation<'endPlan'> = async (work, { params, body }) => {
  const { scope, context, caller } = work;
  const file = await findPersonFile(scope, context, params.personId);
  const { version, plan } = await file.plan();
  checkVersion(version, body.version, 'plan');
  if (!plan) throw new AppError('not-found', `${file.person.name} has no plan.`);
  return afterChange(work, file, () => keepPlan(scope, context, caller, file, { plan: null, touched: null }));
};
