import { habitOf, PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { JudgeContext } from '@drubo/core/judging';
import { clearedPain } from '@drubo/core/session';
import type { PersonRow } from '../db/models';
import { doneBy } from './exercise-history';
import type { ExerciseHistory } from './exercise-history';
import type { PersonFile } from './person-file';
import type { PersonPicture } from './person-picture';

/** What a person's exercises are planned and judged with, from what they did before `day`. Today's pain is a session's to say. */
export const judgeContext = async (
  file: PersonFile,
  { kit, room, health, safety, known }: PersonPicture,
  { history, day }: { history: ExerciseHistory; day: number },
): Promise<JudgeContext> => {
  const catalogue = await file.catalogue();
  return {
    catalogue,
    kit,
    room,
    person: fittedTo(file.person, health.age, habitOf(doneBy(catalogue, history), day), known),
    careful: health.careful,
    limits: health.limits,
    safety,
    pain: { ...PAIN_NOT_ASKED, clearedUpTo: clearedPain(health.limits) },
  };
};

/** What doses and estimates are fitted to. */
export const fittedTo = (
  { goal, trainingAge, massKg }: Pick<PersonRow, 'goal' | 'trainingAge' | 'massKg'>,
  age: number | null,
  habitReserve: number | null,
  known: JudgeContext['person']['known'],
): JudgeContext['person'] => ({ goal, trainingAge, massKg, age, habitReserve, known });
