import { PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { JudgeContext } from '@drubo/core/judging';
import { clearedPain } from '@drubo/core/session';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { catalogueOf } from './movements';
import type { PersonPicture } from './person-picture';

/** What a person's exercises are planned and judged with. Today's pain is a session's to say. */
export const judgeContext = async (
  scope: Scope,
  context: Context,
  person: PersonRow,
  { kit, room, health, safety }: PersonPicture,
): Promise<JudgeContext> => ({
  catalogue: await catalogueOf(scope, context),
  kit,
  room,
  person: { goal: person.goal, trainingAge: person.trainingAge, massKg: person.massKg, age: health.age },
  careful: health.careful,
  limits: health.limits,
  safety,
  pain: { ...PAIN_NOT_ASKED, clearedUpTo: clearedPain(health.limits) },
});
