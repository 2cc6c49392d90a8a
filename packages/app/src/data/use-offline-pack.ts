import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { OfflinePackDto } from '@drubo/contracts';
import type { QueryClient } from '@tanstack/react-query';
import { forgetPages, writtenBefore } from './forget-health';
import { keyOf } from './keys';
import { mentions } from './mentions';
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

/** What was erased elsewhere leaves this device: what was read of it, and what was written about it. */
const purge = async (client: QueryClient, commands: readonly StoredCommand[], writer: Writer, erased: readonly string[]) => {
  const ids = new Set(erased);
  // Lists are read again anyway; a page of its own is gone.
  client.removeQueries({ predicate: ({ queryKey }) => mentions(queryKey, ids) });
  const about = commands.filter(({ params, body }) => mentions(params, ids) || mentions(body, ids));
  if (about.length > 0) await writer.remove(about.map(({ id }) => id));
};

/** Keeps a week of the floor on this device: read once after signing in and whenever it is older than an hour. */
export const useOfflinePack = (): void => {
  const client = useQueryClient();
  const { data, dataUpdatedAt } = useEndpoint('getOfflinePack', {}, { staleTime: 3_600_000 });
  const commands = useCommands();
  const writer = useWriter();
  useEffect(() => {
    if (!data) return;
    // First what is to leave: what the pack itself brings was read afterwards.
    forgetPages(client, data.withdrawn);
    unpack(client, data, dataUpdatedAt);
  }, [client, data, dataUpdatedAt]);
  const withdrawn = data?.withdrawn;
  useEffect(() => {
    const ids = writtenBefore(commands, withdrawn);
    if (ids.length === 0 || !writer.isReady) return;
    writer.remove(ids).catch((error: unknown) => console.warn('Not forgotten:', error));
  }, [commands, writer, withdrawn]);
  const erased = data?.erased;
  useEffect(() => {
    if (!erased?.length || !writer.isReady) return;
    purge(client, commands, writer, erased).catch((error: unknown) => console.warn('Not purged:', error));
  }, [client, commands, writer, erased]);
};
