import type { BodyOf, ErrorReply, ParamsOf, ReplyOf, WriteId } from '@drubo/contracts';

/** What a caller asks to be written by one endpoint. The queue adds the command. */
export interface RequestOf<Id extends WriteId> {
  endpointId: Id;
  params: ParamsOf<Id>;
  body: Omit<BodyOf<Id>, 'command'>;
  /** Writes of one aggregate are sent in order; others never wait for it. */
  aggregate: string;
}

/** Any write. What its endpoint is says what its body is. */
export type WriteRequest = { [Id in WriteId]: RequestOf<Id> }[WriteId];

/** The same, where whoever passes it on knows the line it waits in. */
export type RequestWithoutLine = { [Id in WriteId]: Omit<RequestOf<Id>, 'aggregate'> }[WriteId];

/** `waiting` to be sent, `done` with the server's reply kept for a while, `needs-you` refused and kept to be seen. */
export type CommandState = 'waiting' | 'done' | 'needs-you';

/**
 * The shape stored writes have now. One that a released app wrote differently gets the next number, and is brought up to it
 * where the store is read.
 */
export const STORED_VERSION = 1;

/** How often the server failed over a write by its own fault, and since when (ms). */
export interface Failures {
  count: number;
  firstAt: number;
}

/** A write to one endpoint as it lies in IndexedDB. */
export interface StoredOf<Id extends WriteId> extends RequestOf<Id> {
  id: string;
  /** The shape it was stored in; left out by the first release, which wrote version 1. */
  version?: number;
  /** Studio and trainer it was made by: another one signing in neither sees nor sends it. */
  owner: string;
  deviceId: string;
  deviceSeq: number;
  state: CommandState;
  /** The server's, once it is done. */
  reply: ReplyOf<Id> | null;
  error: ErrorReply | null;
  queuedAt: number;
  settledAt: number | null;
  /** How often the server failed over it by its own fault; left out where it never did. */
  failures?: Failures;
  /** The server's time when it took it (ISO 8601), and which life of the server that was; left out before it did. */
  answeredAt?: string;
  epoch?: string;
}

/** Any stored write. */
export type StoredCommand = { [Id in WriteId]: StoredOf<Id> }[WriteId];

/** What is kept of how a write ended. */
export type Settled = Partial<Pick<StoredCommand, 'state' | 'error' | 'settledAt' | 'failures' | 'answeredAt' | 'epoch'>> & {
  reply?: unknown;
};

/** Whether a stored write is one to this endpoint. */
export const isWrite =
  <Id extends WriteId>(endpointId: Id) =>
  (command: StoredCommand): command is Extract<StoredCommand, StoredOf<Id>> =>
    command.endpointId === endpointId;

/** An id in a write's path, whichever endpoint it is for; undefined where its path has none by that name. */
export const pathId = ({ params }: Pick<StoredCommand, 'params'>, name: string): string | undefined =>
  (params as Readonly<Record<string, string | undefined>>)[name];

/** What was asked for, without what the queue keeps of it: to be sent again as a new command. */
export const requestOf = ({ endpointId, params, body, aggregate }: StoredCommand): WriteRequest =>
  // Its parts come from one stored write, so they belong together.
  ({ endpointId, params, body, aggregate }) as WriteRequest;
