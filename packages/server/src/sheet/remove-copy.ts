import { AppError } from '../shared/errors';
import { findSheet } from '../shared/find';
import type { Operation } from '../shared/work';

export const removeCopy: Operation<'removeCopy'> = async ({ scope }, { params }) => {
  const sheet = await findSheet(scope, params.sheetId);
  if (sheet.state !== 'later') throw new AppError('sheet-started', 'Only a copy that waits for its day can be taken away.');
  await scope.remove('sheets', { id: sheet.id });
  return { removed: true as const };
};
