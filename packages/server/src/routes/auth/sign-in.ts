import { authStateOf } from '../../auth/auth-state';
import { hashPassword, isRightPassword } from '../../auth/passwords';
import { callerOf, endSignIn, startSignIn } from '../../auth/sign-ins';
import type { Context } from '../../context';
import type { TrainerRow } from '../../db/models';
import { AppError } from '../../errors';
import type { CookieJar, Handler } from '../../http/handler';
import { firstKit } from '../../services/first-kit';

export const getAuth: Handler<'getAuth'> = ({ caller }, context) => authStateOf(context, caller);

export const signIn: Handler<'signIn'> = async ({ body, cookie }, context) => {
  const { loginName, password } = body;
  const trainer = (await context.db.models.trainers.findOne({ where: { loginName } }))?.get() ?? null;
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
  const trainer = (await context.db.models.trainers.findOne({ order: [['createdAt', 'ASC']] }))?.get();
  if (!trainer) throw new Error('the demo studio has no trainer');
  return enter(context, trainer, cookie);
};

export const createFirstTrainer: Handler<'createFirstTrainer'> = async ({ body, cookie }, context) => {
  const passwordHash = await hashPassword(body.password);
  const studioId = context.newId();
  const createdAt = context.clock.now().toISOString();
  const trainer = { id: context.newId(), name: body.trainerName, loginName: body.loginName, passwordHash, createdAt };
  await context.db.write(studioId, async (scope, transaction) => {
    // Counted inside the write, so two first runs at once can't both win.
    const { studios } = context.db.models;
    if ((await studios.count({ transaction })) > 0) {
      throw new AppError('already-set-up', 'This server has its first trainer. Sign in instead.');
    }
    const { studioName: name, unit, timeZone } = body;
    await studios.create({ id: studioId, version: 1, name, unit, timeZone, createdAt }, { transaction });
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
