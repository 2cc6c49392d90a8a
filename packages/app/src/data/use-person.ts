import type { PersonId } from '@drubo/core/vocabulary';
import { useMemo } from 'react';
import { useCommands } from './offline/QueueProvider';
import { withWrites } from './offline/reducers';
import { useEndpoint } from './use-endpoint';

/** A person's page with everything this device saved on it, sent or not. */
export const usePerson = (personId: PersonId) => {
  const query = useEndpoint('getPerson', { params: { personId } });
  const commands = useCommands();
  const data = useMemo(() => query.data && withWrites('getPerson', query.data, commands), [query.data, commands]);
  return { ...query, data };
};
