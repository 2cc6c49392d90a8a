import { addDays, dayNumber } from '@drubo/core';
import { beginPlan as planned, endOf, nextBlock } from '@drubo/core/weeks';
import { composingOf, inputAt } from '../person/composing-of';
import { keepPlan } from '../person/keep-plan';
import { findPersonFile } from '../person/person-file';
import { refuseHeld } from '../person/refuse-held';
import { AppError } from '../shared/errors';
import { checkVersion, findKit } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import type { Operation } from '../shared/work';
import { afterChange } from './after-change';

/** How far back and ahead a block may begin: a phone that was away is believed, a slip of the year is not. House defaults. */
const START_DAYS = { back: 14, ahead: 56 } as const;

/**
 * Plans a block. The first one begins with what stands; later ones say what stays and what changes, from what was trained. A block
 * that still runs is only replaced where that is asked for.
 */
export const beginPlan: Operation<'beginPlan'> = async (work, { params, body }) => {
  const { scope, context, caller } = work;
  const { wish } = body;
  const file = await findPersonFile(scope, context, params.personId);
  const { name, archivedAt } = file.person;
  if (archivedAt !== null) throw new AppError('person-archived', `${name} is archived. Bring them back first.`);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  await refuseHeld(file, today);
  const { version, plan, trained } = await file.plan();
  checkVersion(version, body.version, 'plan');
  const known = await scope.all('planRevisions', { personId: file.person.id, blockId: params.blockId }, { limit: 1 });
  if (known.length > 0) {
    throw new AppError('id-in-use', 'There is a block with this id already.', [
      { path: 'params.blockId', message: 'is another block’s: a new one needs an id of its own' },
    ]);
  }
  const [earliest, latest] = [addDays(today, -START_DAYS.back), addDays(today, START_DAYS.ahead)];
  if (wish.start < earliest || wish.start > latest) {
    throw new AppError('invalid-input', 'A block can’t begin on that day.', [
      { path: 'body.wish.start', message: `must lie between ${earliest} and ${latest}` },
    ]);
  }
  for (const { kitId } of wish.places ?? []) await findKit(scope, kitId);
  const start = dayNumber(wish.start);
  if (plan && !wish.replaces && start < endOf(plan.block) && dayNumber(today) < endOf(plan.block)) {
    const until = addDays(wish.start, endOf(plan.block) - 1 - start);
    throw new AppError('invalid-input', `${name} is in a block that runs until ${until}.`, [
      { path: 'body.wish.start', message: `falls into the block that runs until ${until}: begin after it, or replace it` },
    ]);
  }
  const { composing, catalogue } = await composingOf(scope, file, today);
  const input = inputAt(composing, catalogue, null);
  const [first] = await file.sessionsDone();
  const asked = {
    id: params.blockId,
    start,
    weekdays: wish.weekdays,
    places: wish.places ?? [],
    isSplit: wish.isSplit,
    firstDay: first ? dayNumber(first.date) : null,
    number: plan ? plan.block.number + 1 : 0,
  };
  const begun = plan ? nextBlock(input, plan, trained, asked) : planned(input, asked);
  return afterChange(work, file, () => keepPlan(scope, context, caller, file, { plan: begun, touched: null }));
};
