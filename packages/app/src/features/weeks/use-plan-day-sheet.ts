import type { ComposingDto, PersonDetailDto } from '@drubo/contracts';
import { useEffect, useMemo, useState } from 'react';
import { kitOfDay } from '@drubo/core/loop';
import type { SheetPlan } from '@drubo/core/loop';
import { askOf, findDay, nextDay } from '@drubo/core/weeks';
import type { Plan, PlanTrained } from '@drubo/core/weeks';
import { askPlanDay } from '../../workers/ask-composer';
import type { PlanDayQuestion } from '../../workers/ask-composer';

/** What a day of a plan is composed from: a day by its id, or for a plan that isn't taken yet its first. Null: no such day. */
const questionOf = (
  { nextSheet, person }: PersonDetailDto,
  { plan, trained, dayId }: { plan: Plan; trained: readonly PlanTrained[]; dayId: string | null },
  from: ComposingDto,
): PlanDayQuestion | null => {
  const found = dayId === null ? nextDay(plan, trained, from.day) : findDay(plan.block, dayId);
  if (!found) return null;
  const { block, day } = found;
  const planned = askOf(plan, block, day, person.goal, trained);
  const { shape, splitDay, minutesBudget } = nextSheet;
  const kitId = kitOfDay(planned, null);
  const last = { shape, splitDay, minutesBudget, kitId };
  return { from: { ...from, planned, trainsOn: day.day }, kitId, last };
};

interface Answer {
  to: PlanDayQuestion;
  made: SheetPlan | null;
  problem: string | null;
}
const NONE: readonly PlanTrained[] = [];

/** The sheet a day of a plan would get, composed here and now; null until it is there. `dayId` null: the first day to come. */
export const usePlanDaySheet = (
  detail: PersonDetailDto,
  plan: Plan | null,
  from: ComposingDto | undefined,
  { dayId, trained = NONE }: { dayId: string | null; trained?: readonly PlanTrained[] },
): Pick<Answer, 'made' | 'problem'> => {
  const question = useMemo(
    () => (plan && from ? questionOf(detail, { plan, trained, dayId }, from) : null),
    [detail, plan, trained, dayId, from],
  );
  const [answer, setAnswer] = useState<Answer | null>(null);
  useEffect(() => {
    if (!question) return;
    let isGone = false;
    const tell = (told: Omit<Answer, 'to'>) => !isGone && setAnswer({ to: question, ...told });
    askPlanDay(question)
      .then((made) => tell({ made, problem: null }))
      .catch((error: unknown) => tell({ made: null, problem: error instanceof Error ? error.message : String(error) }));
    return () => {
      isGone = true;
    };
  }, [question]);
  return answer?.to === question && answer ? answer : { made: null, problem: null };
};
