import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { OfflinePackDto } from '@drubo/contracts';
import type { QueryClient } from '@tanstack/react-query';
import { keyOf } from './keys';
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

/** Keeps a week of the floor on this device: read once after signing in and whenever it is older than an hour. */
export const useOfflinePack = (): void => {
  const client = useQueryClient();
  const { data, dataUpdatedAt } = useEndpoint('getOfflinePack', {}, { staleTime: 3_600_000 });
  useEffect(() => {
    if (data) unpack(client, data, dataUpdatedAt);
  }, [client, data, dataUpdatedAt]);
};
