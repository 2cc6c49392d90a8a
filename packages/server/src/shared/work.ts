import type { BodyOf, EndpointId, ParamsOf, QueryOf, ReplyOf } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import type { Scope } from '../db/scope';

/** What every use case gets: the studio's rows, in a transaction where it writes, the outside, and who asks. */
export interface Work {
  scope: Scope;
  context: Context;
  caller: Caller;
}

/** Checked input of one endpoint. */
export interface Given<Id extends EndpointId> {
  params: ParamsOf<Id>;
  query: QueryOf<Id>;
  body: BodyOf<Id>;
}

/** One use case. It knows no http, and doesn't care whether it is done for the first time: see `commandOf`. */
export type Operation<Id extends EndpointId> = (work: Work, given: Given<Id>) => Promise<ReplyOf<Id>>;
