import { AppError } from '../shared/errors';
import type { Operation } from '../shared/work';

export const removeTemplate: Operation<'removeTemplate'> = async ({ scope }, { params }) => {
  const where = { id: params.templateId };
  if (!(await scope.one('templates', where))) throw new AppError('not-found', 'There is no template with this id here.');
  await scope.remove('templates', where);
  return { removed: true as const };
};
