import { endpoints } from '@drubo/contracts';
import type { Endpoint } from '@drubo/contracts';
import type { Failures, StoredCommand } from './types';

/** How often, and for how long, a write the server fails over is tried before the trainer is asked. House defaults. */
const TRIES = 5;
const TRIED_FOR_MS = 10 * 60_000;

/** The failures of a write after one more. */
export const oneMoreFailure = ({ failures }: Pick<StoredCommand, 'failures'>, now: number): Failures => ({
  count: (failures?.count ?? 0) + 1,
  firstAt: failures?.firstAt ?? now,
});

/** Whether a write has failed often and long enough that trying on would only hold up what waits behind it. */
export const isGivenUp = ({ count, firstAt }: Failures, now: number): boolean => count >= TRIES && now - firstAt >= TRIED_FOR_MS;

/** What a write makes: the last id of its path where its endpoint makes something; null else. */
const madeBy = ({ endpointId, params }: StoredCommand): string | null => {
  const { target, path }: Pick<Endpoint, 'target' | 'path'> = endpoints[endpointId];
  const last = path
    .match(/:[A-Za-z]+/g)
    ?.at(-1)
    ?.slice(1);
  if (target !== 'creates' || last === undefined) return null;
  return (params as Readonly<Record<string, string>>)[last] ?? null;
};

/** Whether a later write is about what an earlier one was to make: without that one it can't be taken either. */
export const dependsOn = (later: StoredCommand, earlier: StoredCommand): boolean => {
  const made = madeBy(earlier);
  return made !== null && later.deviceSeq > earlier.deviceSeq && Object.values(later.params).includes(made);
};
