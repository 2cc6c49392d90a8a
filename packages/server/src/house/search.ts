import { searchStudio } from '../db/queries/search';
import type { Operation } from '../shared/work';

export const search: Operation<'search'> = async ({ scope }, { query }) => {
  return searchStudio(scope, query.words);
};
