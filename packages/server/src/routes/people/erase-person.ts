import { knownCommand } from '../../db/queries/commands';
import { erasePiece, piecesOf } from '../../db/queries/erase';
import type { Handler } from '../../http/handler';
import { erasePerson as work } from '../../people/erase-person';
import { findPerson } from '../../shared/find';
import { command } from '../as-endpoint';

const all = command('erasePerson', work);

/**
 * Erases somebody: what is most of them in pieces, a write each, so that the floor goes on logging; then all that is left at
 * once, with tombstones. A server that ends in between leaves somebody half gone, and the repeat of the command does the rest.
 */
export const erasePerson: Handler<'erasePerson'> = async (input, context) => {
  const { studioId } = input.caller;
  const { personId } = input.params;
  const reading = context.db.read(studioId);
  // Nothing goes for a command that was given before, for this or for something else: it is answered, or refused, whole.
  if (!(await knownCommand(reading, input.body.command.id))) {
    await findPerson(reading, personId);
    for (const piece of await piecesOf(reading, personId)) await context.db.write(studioId, (scope) => erasePiece(scope, piece));
  }
  return all(input, context);
};
