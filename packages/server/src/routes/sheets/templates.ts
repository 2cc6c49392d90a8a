import type { TemplateDto } from '@drubo/contracts';
import type { TemplateRow } from '../../db/models';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { runCommand } from '../../shared/run-command';

const toTemplate = ({ id, version, form, savedAt }: Omit<TemplateRow, 'studioId'>): TemplateDto => ({
  id,
  version,
  ...form,
  savedAt,
});

export const listTemplates: Handler<'listTemplates'> = async ({ caller }, context) => {
  const rows = await context.db.read(caller.studioId).all('templates', {});
  return rows.map(toTemplate).sort((a, b) => a.name.localeCompare(b.name));
};

export const saveTemplate: Handler<'saveTemplate'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveTemplate', params, body }, async (scope) => {
    const id = params.templateId;
    const stored = await scope.one('templates', { id });
    const row = { id, version: (stored?.version ?? 0) + 1, form: body.form, savedAt: context.clock.now().toISOString() };
    if (stored) await scope.update('templates', row, { id });
    else await scope.insert('templates', row);
    return toTemplate(row);
  });

export const removeTemplate: Handler<'removeTemplate'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'removeTemplate', params, body }, async (scope) => {
    const where = { id: params.templateId };
    if (!(await scope.one('templates', where))) throw new AppError('not-found', 'There is no template with this id here.');
    await scope.remove('templates', where);
    return { removed: true as const };
  });
