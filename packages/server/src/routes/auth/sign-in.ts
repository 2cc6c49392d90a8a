import { authStateOf } from '../../auth/auth-state';
import { hashPassword, isRightPassword } from '../../auth/passwords';
import { callerOf, endSignIn, startSignIn } from '../../auth/sign-ins';
import type { Context } from '../../context';
import type { TrainerRow } from '../../db/models';
import { AppError } from '../../shared/errors';
import type { CookieJar, Handler } from '../../http/handler';
import { firstKit } from '../../studio/first-kit';

export const getAuth: Handler<'getAuth'> = ({ caller }, context) => authStateOf(context, caller);

export const signIn: Handler<'signIn'> = async ({ body, cookie }, context) => {
  const { loginName, password } = body;
  const trainer = await context.db.across.trainerByLogin(loginName);
  const isRight = await isRightPassword(trainer?.passwordHash ?? null, password);
  if (!trainer || !isRight) throw new AppError('wrong-password', 'That name and password do not fit together.');
  return enter(context, trainer, cookie);
};

export const signOut: Handler<'signOut'> = async ({ cookie }, context) => {
  await endSignIn(context, cookie.token);
  cookie.clear();
  return authStateOf(context, null);
};

export const openDemo: Handler<'openDemo'> = async ({ cookie }, context) => {
  if (!context.demo) throw new AppError('not-a-demo', 'This server has no demo studio.');
  const trainer = await context.db.across.firstTrainer();
  if (!trainer) throw new Error('the demo studio has no trainer');
  return enter(context, trainer, cookie);
};

export const createFirstTrainer: Handler<'createFirstTrainer'> = async ({ body, cookie }, context) => {
  const passwordHash = await hashPassword(body.password);
  const studioId = context.newId();
  const createdAt = context.clock.now().toISOString();
  const trainer = { id: context.newId(), name: body.trainerName, loginName: body.loginName, passwordHash, createdAt };
  await context.db.write(studioId, async (scope) => {
    // Counted inside the write, so two first runs at once can't both win.
    if (!(await scope.isFirstStudio())) {
      throw new AppError('already-set-up', 'This server has its first trainer. Sign in instead.');
    }
    const { studioName: name, unit, timeZone } = body;
    await scope.saveStudio({ version: 1, name, unit, timeZone, createdAt });
    await scope.insert('trainers', trainer);
    await scope.insert('kits', firstKit(context.newId(), 'Studio', 'studio', unit));
  });
  return enter(context, { ...trainer, studioId }, cookie);
};

/** Signs a trainer in on this device. */
export const enter = async (context: Context, trainer: TrainerRow, cookie: CookieJar) => {
  const { token, maxAgeMs } = await startSignIn(context, trainer);
  cookie.set(token, maxAgeMs);
  return authStateOf(context, await callerOf(context, token));
};
