import type { Handler } from '../../http/handler';
import { searchStudio } from '../../db/queries/search';

export const search: Handler<'search'> = ({ query, caller }, context) =>
  searchStudio(context.db.read(caller.studioId), query.words);
