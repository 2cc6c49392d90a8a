import { authStateOf } from '../../auth/auth-state';
import { callerOf, startSignIn } from '../../auth/sign-ins';
import type { OnDevice } from '../../auth/sign-ins';
import type { Context } from '../../context';
import type { TrainerRow } from '../../db/models';
import type { CookieJar } from '../../http/handler';

/** Signs a trainer in on this device. */
export const enter = async (context: Context, trainer: Pick<TrainerRow, 'studioId' | 'id'>, cookie: CookieJar, on: OnDevice) => {
  const { token, maxAgeMs } = await startSignIn(context, trainer, on);
  cookie.set(token, maxAgeMs);
  return authStateOf(context, await callerOf(context, token));
};
