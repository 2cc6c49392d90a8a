import type { ReplyOf, WriteId } from '@drubo/contracts';
import type { StoredOf } from '../types';

/** What was read that writes of this device change before it is read again. */
export type Read = 'getSession' | 'getSheet' | 'getPerson';

/**
 * What one write makes of something that was read: as asked while it waits, as the server answered once it is done. Changes
 * nothing where it is about something else, or where what was read is newer.
 */
export type Reducer<Q extends Read, Id extends WriteId> = (state: ReplyOf<Q>, write: StoredOf<Id>) => ReplyOf<Q>;

/** The reducers of one read, by write. */
export type ReducersOf<Q extends Read> = { [Id in WriteId]?: Reducer<Q, Id> };
