import type { TemplateDto } from '@drubo/contracts';
import type { TemplateRow } from '../db/models';

export const toTemplate = ({ id, version, form, savedAt }: Omit<TemplateRow, 'studioId'>): TemplateDto => ({
  id,
  version,
  ...form,
  savedAt,
});
