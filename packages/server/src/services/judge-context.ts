import { PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { JudgeContext } from '@drubo/core/judging';
import type { PersonLimit } from '@drubo/core/limits';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { catalogueOf } from './movements';
import type { PersonPicture } from './person-picture';

/** The pain the person's clearances allow to train with; null: the usual bands. */
const clearedPain = (limits: readonly PersonLimit[]): number | null => {
  const bounds = limits.flatMap(({ cleared = [] }) => cleared.flatMap(({ painUpTo }) => painUpTo ?? []));
  return bounds.length === 0 ? null : Math.min(...bounds);
};

/** What a person's exercises are planned and judged with. The check-in is not asked yet, so today's pain is unknown. */
export const judgeContext = async (
  scope: Scope,
  context: Context,
  person: PersonRow,
  { kit, room, health, safety }: PersonPicture,
): Promise<JudgeContext> => ({
  catalogue: await catalogueOf(scope, context),
  kit,
  room,
  person: { goal: person.goal, trainingAge: person.trainingAge, massKg: person.massKg },
  limits: health.limits,
  safety,
  pain: { ...PAIN_NOT_ASKED, clearedUpTo: clearedPain(health.limits) },
});
