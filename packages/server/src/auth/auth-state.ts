import type { AuthStateDto } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import { toStudio, toTrainer } from '../db/mappers/rows';

/** What the sign-in screen and the shell need to know. */
export const authStateOf = async (context: Context, caller: Caller | null): Promise<AuthStateDto> => {
  const { across } = context.db;
  if (caller) {
    const studio = await across.studio(caller.studioId);
    const trainer = await context.db.read(caller.studioId).one('trainers', { id: caller.trainerId });
    if (studio && trainer) {
      return { state: 'signed-in', studio: toStudio(studio), trainer: toTrainer(trainer), demo: context.demo };
    }
  }
  return { state: 'signed-out', firstRun: !(await across.hasStudio()), demo: context.demo };
};
