import type { SessionRecordFields } from '@drubo/contracts';

/** The exercise a record brings in; null for every other record. */
export const broughtIn = (fields: SessionRecordFields) => (fields.kind === 'add' || fields.kind === 'swap' ? fields.item : null);
