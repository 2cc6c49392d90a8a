import type { OfflinePackDto } from '@drubo/contracts';
import type { PersonId } from '@drubo/core/vocabulary';
import type { Query, QueryClient } from '@tanstack/react-query';
import { mentions } from './mentions';
import type { StoredCommand } from './offline/types';

type Withdrawn = OfflinePackDto['withdrawn'];

/** Which withdrawals this device has heard of. It is kept with the pages themselves: both are there, or neither. */
const HEARD = ['withdrawals-heard'] as const;
/** Writes whose contents are health notes. */
const OF_HEALTH: readonly StoredCommand['endpointId'][] = ['saveIntake', 'saveRecord', 'setRecordRemoved'];

const isPage = ({ queryKey: [name] }: Query): boolean => name !== HEARD[0] && name !== 'getOfflinePack';

/**
 * Pages of somebody whose consent was taken back leave this device, once for each withdrawal it hears of, and are read again:
 * no clock says which came before. Answers under way are not waited for, they may be from before.
 */
export const forgetPages = (client: QueryClient, withdrawn: Withdrawn = []): void => {
  const heard = client.getQueryData<Readonly<Record<PersonId, string>>>(HEARD) ?? {};
  const news = withdrawn.filter(({ personId, at }) => heard[personId] !== at);
  if (news.length === 0) return;
  const ids = new Set<string>(news.map(({ personId }) => personId));
  void client.cancelQueries({ predicate: isPage });
  client.removeQueries({
    type: 'inactive',
    predicate: (query) => isPage(query) && (mentions(query.queryKey, ids) || mentions(query.state.data, ids)),
  });
  client.setQueryData(HEARD, { ...heard, ...Object.fromEntries(news.map(({ personId, at }) => [personId, at])) });
  void client.invalidateQueries({ type: 'active', predicate: isPage });
};

/** Ids of health notes that were sent before their person took the consent back, by the server's own times. */
export const writtenBefore = (commands: readonly StoredCommand[], withdrawn: Withdrawn = []): string[] =>
  withdrawn.flatMap(({ personId, at }) => {
    const ids = new Set<string>([personId]);
    return commands
      .filter(
        ({ state, endpointId, params, answeredAt }) =>
          state === 'done' && OF_HEALTH.includes(endpointId) && mentions(params, ids) && (answeredAt ?? '') <= at,
      )
      .map(({ id }) => id);
  });
