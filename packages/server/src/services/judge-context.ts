import { PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { JudgeContext } from '@drubo/core/judging';
import type { Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { catalogueOf } from './movements';
import { studioKit } from './studio-kit';

/** What a person's exercises are planned and judged with. Limits and the check-in are not asked yet, so they are unknown. */
export const judgeContext = async (scope: Scope, context: Context, person: PersonRow): Promise<JudgeContext> => ({
  catalogue: await catalogueOf(scope, context),
  kit: await studioKit(scope),
  room: null,
  person: { goal: person.goal, trainingAge: person.trainingAge, massKg: person.massKg },
  limits: [],
  pain: PAIN_NOT_ASKED,
});
