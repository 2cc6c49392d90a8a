import { createHash } from 'node:crypto';
import type { Caller, Context } from '../context';
import { knownCommand } from '../db/queries/commands';
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
      personId: personIn(given.params) ?? personIn(reply),
    });
    return reply;
  });

/** Whom a write was about: named in its path, or in what it answered. */
const personIn = (given: object): string | null =>
  'personId' in given && typeof given.personId === 'string' ? given.personId : null;
