import type { Operation } from '../shared/work';
import { toTemplate } from './to-template';

export const listTemplates: Operation<'listTemplates'> = async ({ scope }) => {
  const rows = await scope.all('templates', {});
  return rows.map(toTemplate).sort((a, b) => a.name.localeCompare(b.name));
};
