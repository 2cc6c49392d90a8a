import { authStateOf } from '../../auth/auth-state';
import { callerOf, startSignIn } from '../../auth/sign-ins';
import type { Context } from '../../context';
import type { TrainerRow } from '../../db/models';
import type { CookieJar } from '../../http/handler';

/** Signs a trainer in on this device. */
export const enter = async (context: Context, trainer: TrainerRow, cookie: CookieJar) => {
  const { token, maxAgeMs } = await startSignIn(context, trainer);
  cookie.set(token, maxAgeMs);
  return authStateOf(context, await callerOf(context, token));
};
