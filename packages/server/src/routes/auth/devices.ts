import type { Caller, Context } from '../../context';
import { after } from '../../db/where';
import type { Handler } from '../../http/handler';

/** Where the caller is signed in, the last used first. */
const devicesOf = async (context: Context, { studioId, trainerId, signInId }: Caller) => {
  const now = context.clock.now().toISOString();
  const rows = await context.db
    .read(studioId)
    .all('signIns', { trainerId, expiresAt: after(now) }, { order: [['lastUsedAt', 'DESC']] });
  return rows.map(({ id, device, createdAt, lastUsedAt }) => ({
    id,
    name: device,
    signedInAt: createdAt,
    lastUsedAt,
    isThis: id === signInId,
  }));
};

export const listDevices: Handler<'listDevices'> = ({ caller }, context) => devicesOf(context, caller);

export const endDevices: Handler<'endDevices'> = async ({ body, caller }, context) => {
  // By the trainer too: nobody ends another's.
  await context.db.write(caller.studioId, (scope) => scope.remove('signIns', { trainerId: caller.trainerId, id: body.ids }));
  context.knownSignIns.forgetAll();
  return devicesOf(context, caller);
};
