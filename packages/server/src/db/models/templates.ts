import type { TemplateDto } from '@drubo/contracts';
import { defineTable } from './define-table';

/** A session a trainer keeps to use again. */
export interface TemplateRow {
  studioId: string;
  id: string;
  version: number;
  form: Omit<TemplateDto, 'id' | 'version' | 'savedAt'>;
  savedAt: string;
}

export const templates = defineTable<TemplateRow>('templates', ['studioId', 'id'], {
  studioId: 'text',
  id: 'text',
  version: 'integer',
  form: 'json',
  savedAt: 'text',
});
