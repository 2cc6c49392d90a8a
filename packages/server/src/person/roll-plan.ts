import { dayNumber } from '@drubo/core';
import { blockAfter, nextBlock, nextDay } from '@drubo/core/weeks';
import type { Caller, Context } from '../context';
import type { Scope } from '../db/scope';
import { localDateOf } from '../shared/local-date';
import { composingOf, inputAt } from './composing-of';
import { keepPlan } from './keep-plan';
import { personFile } from './person-file';
import type { PersonFile } from './person-file';
import { trainedOf } from './plan';

/**
 * Begins the next block where all days of the last one are done or gone by: what stays and what changes is worked out from what
 * was trained, and can be taken back. Gives the file as it stands then.
 */
export const rollPlan = async (
  scope: Scope,
  context: Context,
  caller: Pick<Caller, 'trainerId'>,
  file: PersonFile,
  from: string,
): Promise<PersonFile> => {
  const { plan, trained } = await file.plan();
  const today = dayNumber(from);
  if (!plan || nextDay(plan, trained, today)) return file;
  const { composing, catalogue } = await composingOf(scope, file, from);
  const [first] = await file.sessionsDone();
  const next = blockAfter(inputAt(composing, catalogue, null), plan, trained, {
    id: context.newId(),
    today,
    firstDay: first ? dayNumber(first.date) : null,
  });
  await keepPlan(scope, context, caller, file, { plan: next, touched: null });
  return personFile(scope, context, file.person);
};

/**
 * Looks again at what a block that was just begun changes, once the review of the last session before it is settled. Nothing
 * where anything of the block was trained, or changed by hand.
 */
export const rollAgain = async (
  scope: Scope,
  context: Context,
  caller: Pick<Caller, 'trainerId' | 'timeZone'>,
  file: PersonFile,
  movedUp: readonly string[],
): Promise<PersonFile> => {
  const { plan, version, trained } = await file.plan();
  if (!plan || trained.length > 0 || plan.turned.length === 0) return file;
  const before = (await scope.one('planRevisions', { personId: file.person.id, revision: version - 1 }))?.plan;
  if (!before || before.block.id === plan.block.id) return file;
  const { composing, catalogue } = await composingOf(scope, file, localDateOf(context.clock.now(), caller.timeZone));
  const [first] = await file.sessionsDone();
  const { id, start, number } = plan.block;
  const { weekdays, places, isSplit } = plan;
  const again = nextBlock(inputAt(composing, catalogue, null), before, await trainedOf(scope, file, before, movedUp), {
    id,
    start,
    number,
    weekdays,
    ...(places ? { places } : {}),
    isSplit,
    firstDay: first ? dayNumber(first.date) : null,
  });
  if (JSON.stringify(again.turned) === JSON.stringify(plan.turned)) return file;
  await keepPlan(scope, context, caller, file, { plan: again, touched: null });
  return personFile(scope, context, file.person);
};
