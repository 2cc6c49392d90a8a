import type { ReplyOf } from '@drubo/contracts';
import type { StoredCommand } from '../types';
import { personReducers } from './person';
import type { Read, ReducersOf } from './reducer';
import { sessionReducers } from './session';
import { sheetReducers } from './sheet';

const REDUCERS: { readonly [Q in Read]: ReducersOf<Q> } = {
  getSession: sessionReducers,
  getSheet: sheetReducers,
  getPerson: personReducers,
};

/** What is read that writes change. */
export const READS = Object.keys(REDUCERS) as Read[];

/** What was read, with one write on top. The same where that write is about something else. */
export const withWrite = <Q extends Read>(read: Q, state: ReplyOf<Q>, write: StoredCommand): ReplyOf<Q> => {
  // A reducer takes the write whose name it stands under.
  const reduce = REDUCERS[read][write.endpointId] as ((state: ReplyOf<Q>, write: StoredCommand) => ReplyOf<Q>) | undefined;
  return reduce ? reduce(state, write) : state;
};

/** What was read, with everything this device wrote on top, sent or not; what was refused shows nowhere. */
export const withWrites = <Q extends Read>(read: Q, state: ReplyOf<Q>, writes: readonly StoredCommand[]): ReplyOf<Q> =>
  writes.filter((write) => write.state !== 'needs-you').reduce((shown, write) => withWrite(read, shown, write), state);
