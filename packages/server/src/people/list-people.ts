import { toPerson } from '../db/mappers/rows';
import { isSet } from '../db/where';
import type { Operation } from '../shared/work';

export const listPeople: Operation<'listPeople'> = async ({ scope }, { query }) => {
  const where = query.archived === 'yes' ? { archivedAt: isSet } : { archivedAt: null };
  const rows = await scope.all('people', where);
  // SQLite folds case for ASCII only, so names are matched and sorted here.
  const wanted = (query.search ?? '').toLocaleLowerCase();
  return rows
    .filter((row) => row.name.toLocaleLowerCase().includes(wanted))
    .sort((a, b) => a.name.localeCompare(b.name))
    .map(toPerson);
};
