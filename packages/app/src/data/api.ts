import { endpoints, errorReply, urlFor } from '@drubo/contracts';
import type { BodyOf, Endpoint, EndpointId, ErrorReply, ParamsOf, QueryOf, ReplyOf } from '@drubo/contracts';
import { noteServerKeeping } from './server-keeping';
import { dataWords } from '@drubo/words/screens/data';

const words = dataWords.api;

/** The server understood and refused. */
export class RefusedError extends Error {
  constructor(
    readonly status: number,
    readonly reply: ErrorReply,
  ) {
    super(reply.message);
  }
}

/** Nobody answered, or something that is not our server did; or it did, and said why it can't just now. */
export class UnreachableError extends Error {
  constructor(readonly reply: ErrorReply | null = null) {
    super(reply?.message ?? words.theServerCantBe);
  }
}

/** The server tried and failed by its own fault: asked again, it may fail again. */
export class BrokenError extends Error {
  constructor(readonly reply: ErrorReply) {
    super(reply.message);
  }
}

export interface CallInput<Id extends EndpointId> {
  params?: ParamsOf<Id>;
  query?: QueryOf<Id>;
  body?: BodyOf<Id>;
}

/** How long one call may take before it counts as unreachable. */
const TIMEOUT_MS = 15_000;

const readJson = async (response: Response): Promise<unknown> => {
  try {
    return (await response.json()) as unknown;
  } catch {
    // A proxy's error page, or a connection cut half way: not our server's answer.
    throw new UnreachableError();
  }
};

/** What an answer that is not the one hoped for means. */
export const failureOf = (status: number, json: unknown): Error => {
  const refusal = errorReply.safeParse(json);
  if (!refusal.success) return new UnreachableError();
  if (refusal.data.code === 'internal') return new BrokenError(refusal.data);
  // It says itself that it can't just now: whatever was sent waits.
  return status >= 500 ? new UnreachableError(refusal.data) : new RefusedError(status, refusal.data);
};

/** One call of the API, made from its contract. Throws `RefusedError`, `BrokenError` or `UnreachableError`. */
export const callEndpoint = async <Id extends EndpointId>(id: Id, input: CallInput<Id> = {}): Promise<ReplyOf<Id>> => {
  const endpoint = endpoints[id] as Endpoint;
  const url = urlFor(
    endpoint.path,
    input.params as Record<string, string> | undefined,
    input.query as Record<string, string | undefined> | undefined,
  );
  const init: RequestInit = { method: endpoint.method, signal: AbortSignal.timeout(TIMEOUT_MS) };
  if (endpoint.method !== 'GET') {
    init.body = JSON.stringify(input.body ?? {});
    init.headers = { 'content-type': 'application/json' };
  }
  const response = await fetch(url, init).catch(() => {
    throw new UnreachableError();
  });
  const json = await readJson(response);
  noteServerKeeping(response.headers);
  if (response.ok) return json as ReplyOf<Id>;
  throw failureOf(response.status, json);
};
