import type { EndpointId, ParamsOf, QueryOf } from '@drubo/contracts';

/** The query key of a call: its endpoint, its ids, its query. One screen, one key, one endpoint. */
export const keyOf = <Id extends EndpointId>(
  id: Id,
  input: { params?: ParamsOf<Id>; query?: QueryOf<Id> } = {},
): readonly unknown[] => [id, input.params ?? {}, input.query ?? {}];
