import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { OfflinePackDto } from '@drubo/contracts';
import type { Query, QueryClient } from '@tanstack/react-query';
import { keyOf } from './keys';
import { useCommands, useWriter } from './offline/QueueProvider';
import type { Writer } from './offline/QueueProvider';
import type { StoredCommand } from './offline/types';
import { useEndpoint } from './use-endpoint';

/** Puts a pack into the reading cache under the keys the screens ask for, never over something read later. */
export const unpack = (client: QueryClient, pack: OfflinePackDto, readAt: number): void => {
  const put = (key: readonly unknown[], data: unknown) => {
    const state = client.getQueryState(key);
    if (!state || state.dataUpdatedAt < readAt) client.setQueryData(key, data, { updatedAt: readAt });
  };
  put(keyOf('getFloor'), pack.floor);
  put(keyOf('listPeople'), pack.people);
  put(keyOf('listMovements'), pack.movements);
  for (const detail of pack.persons) {
    put(keyOf('getPerson', { params: { personId: detail.person.id } }), detail);
    put(keyOf('getSheet', { params: { sheetId: detail.nextSheet.id } }), detail.nextSheet);
  }
  for (const { sheetId, composing } of pack.composing) put(keyOf('getComposing', { params: { sheetId } }), composing);
  for (const detail of pack.sessions) put(keyOf('getSession', { params: { sessionId: detail.session.id } }), detail);
};

/** Whether anything in a value is one of the ids. */
const mentions = (value: unknown, ids: ReadonlySet<string>): boolean => {
  if (typeof value === 'string') return ids.has(value);
  if (value === null || typeof value !== 'object') return false;
  return Object.values(value).some((inner) => mentions(inner, ids));
};

/** What was erased elsewhere leaves this device: what was read of it, and what was written about it. */
const purge = async (client: QueryClient, commands: readonly StoredCommand[], writer: Writer, erased: readonly string[]) => {
  const ids = new Set(erased);
  // Lists are read again anyway; a page of its own is gone.
  client.removeQueries({ predicate: ({ queryKey }) => mentions(queryKey, ids) });
  const about = commands.filter(({ params, body }) => mentions(params, ids) || mentions(body, ids));
  if (about.length > 0) await writer.remove(about.map(({ id }) => id));
};

/** Writes whose contents are health notes. */
const OF_HEALTH: readonly StoredCommand['endpointId'][] = ['saveIntake', 'saveRecord', 'setRecordRemoved'];

/**
 * What came so long after a withdrawal still counts as from before it: an answer that was under way when it was made, and a
 * phone whose clock runs ahead of the server's. House default.
 */
const UNDER_WAY_MS = 10 * 60_000;

/** What was read and written of somebody's health before their consent was taken back leaves this device. */
const forgetHealth = async (
  client: QueryClient,
  commands: readonly StoredCommand[],
  writer: Writer,
  withdrawn: NonNullable<OfflinePackDto['withdrawn']>,
) => {
  for (const { personId, at } of withdrawn) {
    const ids = new Set<string>([personId]);
    const until = Date.parse(at) + UNDER_WAY_MS;
    const isOld = ({ queryKey, state }: Query) =>
      queryKey[0] !== 'getOfflinePack' && state.dataUpdatedAt < until && (mentions(queryKey, ids) || mentions(state.data, ids));
    client.removeQueries({ type: 'inactive', predicate: isOld });
    void client.invalidateQueries({ type: 'active', predicate: isOld });
    const written = commands.filter(
      ({ state, endpointId, params, settledAt }) =>
        state === 'done' && OF_HEALTH.includes(endpointId) && mentions(params, ids) && (settledAt ?? 0) < until,
    );
    if (written.length > 0) await writer.remove(written.map(({ id }) => id));
  }
};

/** Keeps a week of the floor on this device: read once after signing in and whenever it is older than an hour. */
export const useOfflinePack = (): void => {
  const client = useQueryClient();
  const { data, dataUpdatedAt } = useEndpoint('getOfflinePack', {}, { staleTime: 3_600_000 });
  const commands = useCommands();
  const writer = useWriter();
  useEffect(() => {
    if (data) unpack(client, data, dataUpdatedAt);
  }, [client, data, dataUpdatedAt]);
  const withdrawn = data?.withdrawn;
  useEffect(() => {
    if (!withdrawn?.length || !writer.isReady) return;
    forgetHealth(client, commands, writer, withdrawn).catch((error: unknown) => console.warn('Not forgotten:', error));
  }, [client, commands, writer, withdrawn]);
  const erased = data?.erased;
  useEffect(() => {
    if (!erased?.length || !writer.isReady) return;
    purge(client, commands, writer, erased).catch((error: unknown) => console.warn('Not purged:', error));
  }, [client, commands, writer, erased]);
};
