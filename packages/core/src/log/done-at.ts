import type { SetRecord } from './types';

/** How far a phone's clock may run ahead before it is told. House default. */
const AHEAD_MS = 5 * 60_000;

type Times = Pick<SetRecord, 'loggedAt' | 'receivedAt'>;

/**
 * A phone's word for when something was, as far as it can be believed: never after the server had it. One that comes late is
 * believed: the phone was offline. `receivedAt` null: it has not been sent yet.
 */
export const believedAt = (said: string, receivedAt: string | null): string =>
  receivedAt !== null && receivedAt < said ? receivedAt : said;

/** How far ahead a phone's clock is no longer that of another place. House default. */
const FAR_AHEAD_MS = 86_400_000;

/**
 * When a session began or ended: what the phone says, unless it lies more than a day after the server heard of it. Between
 * them either clock may be wrong, and the phone's is what its sets were logged by.
 */
export const sessionTime = (said: string, receivedAt: string): string =>
  Date.parse(said) - Date.parse(receivedAt) > FAR_AHEAD_MS ? receivedAt : said;

/**
 * When a set was done, as far as it is known. A phone whose clock stands in 2099 puts nothing out of order.
 * @example doneAt({ loggedAt: '2099-01-01T09:00:00.000Z', receivedAt: '2026-03-02T09:00:00.000Z' }) // the second
 */
export const doneAt = ({ loggedAt, receivedAt }: Times): string => believedAt(loggedAt, receivedAt);

/**
 * What a rest is counted from by a clock that shows `nowMs`. The phone that logged the set counts by its own clock, ahead or
 * not; another one, to which that time is yet to come, from when the server had it.
 */
export const restsFrom = (set: Times, nowMs: number): string => (Date.parse(set.loggedAt) > nowMs ? doneAt(set) : set.loggedAt);

/** Whether the phone a set came from had a clock that ran ahead, so that its time can't be believed. */
export const isClockAhead = ({ loggedAt, receivedAt }: Times): boolean =>
  receivedAt !== null && Date.parse(loggedAt) - Date.parse(receivedAt) > AHEAD_MS;
