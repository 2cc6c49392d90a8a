import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';
import { readTrends } from './read-trends';

export const getTrends: Operation<'getTrends'> = async ({ scope, context, caller }, { params, query }) => {
  return readTrends(scope, context, caller, await findPerson(scope, params.personId), query.weeks);
};
