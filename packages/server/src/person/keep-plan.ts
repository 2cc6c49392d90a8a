import type { Plan } from '@drubo/core/weeks';
import type { Caller, Context } from '../context';
import type { Scope } from '../db/scope';
import type { PersonFile } from './person-file';

/** Keeps a plan as the next revision; what stood before stays. `touched`: the days that changed, null: all of them. */
export const keepPlan = async (
  scope: Scope,
  context: Context,
  caller: Pick<Caller, 'trainerId'>,
  file: PersonFile,
  { plan, touched }: { plan: Plan | null; touched: readonly string[] | null },
): Promise<void> => {
  const { version } = await file.plan();
  await scope.insert('planRevisions', {
    personId: file.person.id,
    revision: version + 1,
    savedAt: context.clock.now().toISOString(),
    trainerId: caller.trainerId,
    blockId: plan?.block.id ?? null,
    plan,
    touched,
  });
};
