import type { BodyOf, EndpointId, Endpoints, ParamsOf, QueryOf, ReplyOf } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import type { Streamed } from './streamed';

/** What a sign-in does to the caller's cookie. */
export interface CookieJar {
  token: string | undefined;
  /** `maxAgeMs` null: until the browser closes. */
  set(token: string, maxAgeMs: number | null): void;
  clear(): void;
}

interface Input<Id extends EndpointId> {
  params: ParamsOf<Id>;
  query: QueryOf<Id>;
  body: BodyOf<Id>;
  /** Set for every endpoint whose access is `trainer`. */
  caller: Endpoints[Id]['access'] extends 'public' ? Caller | null : Caller;
  cookie: CookieJar;
  /** Browser and system the caller says it is; empty where it says nothing. */
  device: string;
}

/** One operation: checked input in, reply out, or sent as it is made. No express in sight. */
export type Handler<Id extends EndpointId> = (input: Input<Id>, context: Context) => Promise<ReplyOf<Id> | Streamed>;

/** A handler for every endpoint the contract lists; a missing one fails the type check. */
export type Handlers = { [Id in EndpointId]: Handler<Id> };
