import { authStateOf } from '../../auth/auth-state';
import { endSignIn } from '../../auth/sign-ins';
import type { Handler } from '../../http/handler';

export const signOut: Handler<'signOut'> = async ({ cookie }, context) => {
  await endSignIn(context, cookie.token);
  cookie.clear();
  return authStateOf(context, null);
};
