import { useMemo } from 'react';
import { personWithCommands } from './offline/person-overlay';
import { useCommands } from './offline/QueueProvider';
import { useEndpoint } from './use-endpoint';

/** A person's page with everything this device saved on it, sent or not. */
export const usePerson = (personId: string) => {
  const query = useEndpoint('getPerson', { params: { personId } });
  const commands = useCommands();
  const { dataUpdatedAt } = query;
  const data = useMemo(
    () => query.data && personWithCommands(query.data, commands, dataUpdatedAt),
    [query.data, commands, dataUpdatedAt],
  );
  return { ...query, data };
};
