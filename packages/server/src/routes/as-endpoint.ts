import type { EndpointId } from '@drubo/contracts';
import type { Handler } from '../http/handler';
import { runCommand } from '../shared/run-command';
import type { Command } from '../shared/run-command';
import type { Given, Operation } from '../shared/work';

/** A question as an endpoint: it reads, outside any transaction. */
export const question =
  <Id extends EndpointId>(ask: Operation<Id>): Handler<Id> =>
  ({ caller, ...given }, context) => {
    if (!caller) throw new Error('a question is asked by somebody: its endpoint must need a sign-in');
    return ask({ scope: context.db.read(caller.studioId), context, caller }, given);
  };

/** A write as an endpoint: all of it lands or none, and a repeat of the command is answered with the first reply. */
export const command =
  <Id extends EndpointId>(endpointId: Id, work: Operation<Id>): Handler<Id> =>
  ({ caller, ...given }, context) => {
    if (!caller) throw new Error('a command is given by somebody: its endpoint must need a sign-in');
    const { params, body } = given as Given<Id> & { params: object; body: { command: Command } };
    return runCommand(context, caller, { endpointId, params, body }, async (scope) => work({ scope, context, caller }, given));
  };
