import type { Operation } from '../shared/work';
import { toTemplate } from './to-template';

export const saveTemplate: Operation<'saveTemplate'> = async ({ scope, context }, { params, body }) => {
  const id = params.templateId;
  const stored = await scope.one('templates', { id });
  const row = { id, version: (stored?.version ?? 0) + 1, form: body.form, savedAt: context.clock.now().toISOString() };
  if (stored) await scope.update('templates', row, { id });
  else await scope.insert('templates', row);
  return toTemplate(row);
};
