import { newPassword } from '@drubo/contracts';
import { hashPassword } from '../auth/passwords';
import { refuseWeak } from '../auth/weak-passwords';
import { openDatabase } from '../db/database';
import { AppError } from '../shared/errors';
import { inspect } from './inspect';
import { StartProblem } from './start-problem';

/** Sets a trainer's password anew, from the machine itself, and ends every sign-in of theirs. Throws `StartProblem`. */
export const resetPassword = async (database: string, loginName: string, password: string): Promise<void> => {
  const refuse = (message: string): StartProblem => new StartProblem('bad-setting', `${message} Nothing was changed.`);
  const { is } = await inspect(database);
  if (is !== 'good') throw refuse(`There is no sound database ${database} (${is}).`);
  const checked = newPassword.safeParse(password);
  if (!checked.success) throw refuse(`The password ${checked.error.issues[0]?.message ?? 'can’t be used'}.`);
  const opened = await openDatabase(database);
  try {
    const trainer = await opened.across.trainerByLogin(loginName.trim().toLowerCase());
    if (!trainer) throw refuse(`Nobody signs in as ${loginName}.`);
    await refuseWeak(password, [trainer.loginName, trainer.name], 'body.password');
    const passwordHash = await hashPassword(password);
    await opened.write(trainer.studioId, async (scope) => {
      await scope.update('trainers', { passwordHash }, { id: trainer.id });
      await scope.remove('signIns', { trainerId: trainer.id });
    });
  } catch (error) {
    throw error instanceof AppError ? refuse(`${error.message} It ${error.fields?.[0]?.message ?? 'can’t be used'}.`) : error;
  } finally {
    await opened.close();
  }
};
