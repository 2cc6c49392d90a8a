import type { BodyOf, ErrorReply, ParamsOf, WriteId } from '@drubo/contracts';

/** What a caller asks to be written. The queue adds the command. */
export interface WriteRequest<Id extends WriteId = WriteId> {
  endpointId: Id;
  params: ParamsOf<Id>;
  body: Omit<BodyOf<Id>, 'command'>;
  /** Writes of one aggregate are sent in order; others never wait for it. */
  aggregate: string;
}

/** `waiting` to be sent, `done` with the server's reply kept for a while, `needs-you` refused and kept to be seen. */
export type CommandState = 'waiting' | 'done' | 'needs-you';

/** A write as it lies in IndexedDB. */
export interface StoredCommand {
  id: string;
  /** Studio and trainer it was made by: another one signing in neither sees nor sends it. */
  owner: string;
  aggregate: string;
  deviceId: string;
  deviceSeq: number;
  endpointId: WriteId;
  params: Record<string, string>;
  body: Record<string, unknown>;
  state: CommandState;
  reply: unknown;
  error: ErrorReply | null;
  queuedAt: number;
  settledAt: number | null;
}
