import type { PersonPlanDto } from '@drubo/contracts';
import { kitOfDay } from '@drubo/core/loop';
import type { Caller, Context } from '../context';
import type { Scope } from '../db/scope';
import { composingOf } from '../person/composing-of';
import { findPersonFile } from '../person/person-file';
import type { PersonFile } from '../person/person-file';
import { localDateOf } from '../shared/local-date';
import { openSheet, replanSheet } from '../sheet/next-sheet';
import { readPlan } from './read-plan';

/**
 * Writes a change of a plan, then makes the waiting sheet again where the day it is for has become another one: what was agreed
 * stands otherwise.
 */
export const afterChange = async (
  { scope, context, caller }: { scope: Scope; context: Context; caller: Caller },
  file: PersonFile,
  write: () => Promise<void>,
): Promise<PersonPlanDto> => {
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const before = (await composingOf(scope, file, today)).composing.planned ?? null;
  await write();
  const changed = await findPersonFile(scope, context, file.person.id);
  const after = (await composingOf(scope, changed, today)).composing.planned ?? null;
  const waiting = await openSheet(scope, file.person.id);
  const kitId = kitOfDay(after ?? undefined, null);
  if (waiting?.state === 'next' && before?.dayKey === after?.dayKey && kitOfDay(before ?? undefined, null) !== kitId)
    await scope.update('sheets', { kitId }, { id: waiting.id });
  const isFor = waiting?.planDay === (after?.dayKey ?? null);
  if (!isFor || JSON.stringify(before) !== JSON.stringify(after))
    await replanSheet(scope, context, changed, caller.timeZone, true);
  return readPlan(scope, await findPersonFile(scope, context, file.person.id), today);
};
