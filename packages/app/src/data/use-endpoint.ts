import { useQuery } from '@tanstack/react-query';
import type { EndpointId, ParamsOf, QueryOf, ReplyOf } from '@drubo/contracts';
import { callEndpoint } from './api';
import { keyOf } from './keys';

/** Reads an endpoint, from the cache at once where it is there. */
export const useEndpoint = <Id extends EndpointId>(
  id: Id,
  input: { params?: ParamsOf<Id>; query?: QueryOf<Id> } = {},
  options: { enabled?: boolean; staleTime?: number; refetchInterval?: number } = {},
) =>
  useQuery<ReplyOf<Id>>({
    queryKey: keyOf(id, input),
    queryFn: () => callEndpoint(id, input),
    ...options,
  });
