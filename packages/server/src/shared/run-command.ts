import { createHash } from 'node:crypto';
import type { Caller, Context } from '../context';
import { knownCommand, NO_LONGER_KEPT } from '../db/queries/commands';
import type { Scope } from '../db/scope';
import { AppError } from './errors';

/** The command part every write carries. */
export interface Command {
  id: string;
  deviceId: string;
  deviceSeq: number;
}

/** Same path and same body: the same write. Key order doesn't matter to Zod's output, which is always the schema's. */
const fingerprintOf = (endpointId: string, params: object, body: object): string =>
  createHash('sha256')
    .update(JSON.stringify([endpointId, params, body]))
    .digest('hex');

/**
 * Does a write once. A repeat of the command is answered with the stored reply; the same id with other contents is
 * refused. The reply and the write land in one transaction.
 */
export const runCommand = <Reply extends object>(
  context: Context,
  caller: Caller,
  given: { endpointId: string; params: object; body: { command: Command } },
  work: (scope: Scope) => Promise<Reply>,
): Promise<Reply> =>
  context.db.write(caller.studioId, async (scope) => {
    const { command } = given.body;
    const fingerprint = fingerprintOf(given.endpointId, given.params, given.body);
    const before = await knownCommand(scope, command.id);
    if (before) {
      if (before.fingerprint !== fingerprint) {
        throw new AppError('command-reused', 'This command id was used for something else.', [
          { path: 'command.id', message: 'was used before with other contents' },
        ]);
      }
      if (before.reply === NO_LONGER_KEPT) {
        throw new AppError('done-before', 'This was done long ago; what was answered is no longer kept.');
      }
      return JSON.parse(before.reply) as Reply;
    }
    const reply = await work(scope);
    await scope.insert('commands', {
      id: command.id,
      trainerId: caller.trainerId,
      endpointId: given.endpointId,
      fingerprint,
      reply,
      receivedAt: context.clock.now().toISOString(),
      personId: await personOf(scope, given.params, given.body, reply),
    });
    return reply;
  });

/** A text under a name of an object; null where there is none. */
const textIn = (given: unknown, name: string): string | null => {
  const value: unknown = typeof given === 'object' && given !== null ? (given as Record<string, unknown>)[name] : undefined;
  return typeof value === 'string' ? value : null;
};
const partOf = (given: object, name: string): unknown => (given as Record<string, unknown>)[name];

/**
 * Whom a write was about: named in its path, its body or in what it answered; of a session's or a sheet's, whose that is. What is
 * answered is kept for repeats, and goes when the person is erased.
 */
const personOf = async (scope: Scope, params: object, body: object, reply: object): Promise<string | null> => {
  const said =
    textIn(params, 'personId') ??
    textIn(reply, 'personId') ??
    textIn(partOf(reply, 'session'), 'personId') ??
    textIn(partOf(reply, 'person'), 'id') ??
    textIn(body, 'personId');
  if (said !== null) return said;
  const sessionId = textIn(params, 'sessionId');
  if (sessionId !== null) return (await scope.one('sessions', { id: sessionId }))?.personId ?? null;
  const sheetId = textIn(params, 'sheetId');
  return sheetId === null ? null : ((await scope.one('sheets', { id: sheetId }))?.personId ?? null);
};
