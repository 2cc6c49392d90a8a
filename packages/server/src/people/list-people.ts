import { searchable } from '@drubo/core/vocabulary';
import { toPerson } from '../db/mappers/rows';
import { isSet } from '../db/where';
import type { Operation } from '../shared/work';

export const listPeople: Operation<'listPeople'> = async ({ scope }, { query }) => {
  const where = query.archived === 'yes' ? { archivedAt: isSet } : { archivedAt: null };
  const rows = await scope.all('people', where);
  // SQLite folds case for ASCII only, so names are matched and sorted here.
  const wanted = searchable(query.search ?? '');
  return rows
    .filter((row) => searchable(row.name).includes(wanted))
    .sort((a, b) => a.name.localeCompare(b.name))
    .map(toPerson);
};
